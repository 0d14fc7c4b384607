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

    /** Whether it waits for the carer. */
    public boolean isOpen() {
        return this == OPEN;
    }

    /** Whether a browser was bound to it. */
    public boolean isOpened() {
        return this == OPENED;
    }

    /** Whether there is something to revoke. */
    public boolean isInUse() {
        return isOpen() || isOpened();
    }
}
