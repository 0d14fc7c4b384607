package app.carder.web.children;

/** What a family may allow a photo of its child to be used for. Each is asked for by itself. */
public enum PhotoUse {
    /** In the child's own learning journal. */
    OWN_JOURNAL("own journal"),
    /** In another child's learning journal. */
    OTHERS_JOURNALS("other children's journals"),
    /** On display inside the setting. */
    DISPLAY("display in the setting");

    private final String words;

    PhotoUse(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
