package app.carder.core.attendance;

import app.carder.core.said.Said;

/** Why a child that was expected does not come. */
public enum Away {
    ILL,
    HOLIDAY,
    APPOINTMENT,
    /** The family said that it does not come, and no more. */
    NO_REASON;

    /** For people. */
    public String words() {
        return Said.say("away." + name());
    }
}
