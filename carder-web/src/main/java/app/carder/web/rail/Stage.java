package app.carder.web.rail;

import app.carder.core.said.Said;

/** How far a child's journal is: the hook that its mark hangs on. */
public enum Stage {
    NO_RECORDS,
    TO_MAKE,
    DRAFT,
    READ,
    APPROVED,
    SENT,
    OPENED,
    ANSWERED;

    /** For people. */
    public String words() {
        return Said.say("rail.stage." + name());
    }
}
