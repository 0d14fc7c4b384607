package app.carder.web.family;

import app.carder.core.said.Said;

/** Whether a link can be opened. */
enum InvitationState {
    OPEN,
    OPENED,
    EXPIRED,
    REVOKED,
    LOCKED;

    /** For people. */
    public String words() {
        return Said.say("invitation." + name());
    }
}
