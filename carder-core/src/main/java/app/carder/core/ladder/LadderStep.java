package app.carder.core.ladder;

import app.carder.core.said.Said;

/** How a step differs from the card as it is. */
public enum LadderStep {
    /** Less of it, larger, slower. */
    SIMPLER,
    /** The card as it stands. */
    AS_IS,
    /** More of it, finer, longer. */
    HARDER,
    /** The same work with another material. */
    OTHER_MATERIAL,
    /** The same work for a purpose in the day. */
    REAL_LIFE;

    /** For people. */
    public String words() {
        return Said.say("ladder-step." + name());
    }

    /** Whether it changes nothing. */
    public boolean isAsItIs() {
        return this == AS_IS;
    }
}
