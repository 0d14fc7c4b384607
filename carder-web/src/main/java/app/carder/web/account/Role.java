package app.carder.web.account;

import app.carder.core.said.Said;

/** What somebody does here. */
public enum Role {
    /** Runs the setting. */
    MANAGER,
    /** Leads a room; approves its journals. */
    ROOM_LEAD,
    /** Works in a room. */
    PRACTITIONER,
    /** Parent or guardian of a child. */
    CARER;

    /** For people. */
    public String words() {
        return Said.say("role." + name());
    }

    /** Whether it approves journals and answers for what others do. */
    public boolean isLead() {
        return this == MANAGER || this == ROOM_LEAD;
    }

    /** Whether it may do everything in a setting. */
    public boolean isManager() {
        return this == MANAGER;
    }

    /** Whether it is a role of the setting's staff. */
    public boolean isStaff() {
        return this != CARER;
    }
}
