package app.carder.web.account;

/** What somebody does here. */
public enum Role {
    /** Runs the setting. */
    MANAGER("manager"),
    /** Leads a room; approves its journals. */
    ROOM_LEAD("room lead"),
    /** Works in a room. */
    PRACTITIONER("practitioner"),
    /** Parent or guardian of a child. */
    CARER("carer");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** Whether it is a role of the setting's staff. */
    public boolean isStaff() {
        return this != CARER;
    }
}
