package app.carder.core.card;

import app.carder.core.said.Said;

/** How things are laid out in the tray or on the mat. */
public enum Arrangement {
    /** From left to right, in the order of the card; a second row under the first where one is not enough. */
    ROW,
    /** In a ring about the middle. */
    RING,
    /** One to each slot. */
    SLOTS,
    /** Close together. */
    HEAP,
    /** Two and two. */
    PAIRS,
    /** Scattered. */
    FREE;

    /** What the choice of none is called: as most would lay it out. */
    public static String usualWords() {
        return Said.say("arrangement.usual");
    }

    /** For people. */
    public String words() {
        return Said.say("arrangement." + name());
    }
}
