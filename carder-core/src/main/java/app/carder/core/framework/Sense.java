package app.carder.core.framework;

import app.carder.core.said.Said;

/** The senses a card speaks to, in the order of the holes along a card's lower edge. */
public enum Sense {
    SIGHT,
    TOUCH,
    HEARING,
    SMELL,
    TASTE,
    BALANCE,
    BODY_POSITION;

    /** For people. */
    public String words() {
        return Said.say("sense." + name());
    }
}
