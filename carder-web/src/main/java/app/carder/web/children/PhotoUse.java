package app.carder.web.children;

import app.carder.core.said.Said;

/** What a family may allow a photo of its child to be used for. Each is asked for by itself. */
public enum PhotoUse {
    /** In the child's own learning journal. */
    OWN_JOURNAL,
    /** In another child's learning journal. */
    OTHERS_JOURNALS,
    /** On display inside the setting. */
    DISPLAY;

    /** What a family is asked. */
    public String question() {
        return Said.say("photo-use." + name() + ".question");
    }

    /** For people. */
    public String words() {
        return Said.say("photo-use." + name());
    }
}
