package app.carder.core.composition;

import app.carder.core.said.Said;

/** How an element stands on its page. */
public enum Layout {
    /** The cover: whose it is, from when to when, and a few words. */
    COVER,
    /** A heading over what follows. */
    HEADING,
    /** The photo first, large, the words beside or under it. */
    PHOTO_LED,
    /** The words first, a small photo beside them where there is one. */
    WORDS_LED,
    /** Two records side by side: then and now. */
    PAIR,
    /** Several photos in a row, one line of words for all. */
    STRIP,
    /** A drawing of figures. */
    CHART,
    /** One photo over the whole page. */
    FULL_PAGE,
    /** What the child said, large. */
    QUOTE,
    /** Words in a box of their own. */
    BOX;

    /** For people; of those that somebody can choose. */
    public String words() {
        return Said.say("layout." + name());
    }
}
