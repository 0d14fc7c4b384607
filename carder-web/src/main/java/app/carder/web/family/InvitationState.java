package app.carder.web.family;

/** Whether a link can be opened. */
enum InvitationState {
    OPEN("open"),
    OPENED("opened"),
    EXPIRED("expired"),
    REVOKED("taken back"),
    LOCKED("locked after wrong codes");

    private final String words;

    InvitationState(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
