package app.carder.web.account;

/** Why a password is refused. The message is {@code password.} and the name. */
public enum PasswordFault {
    /** Fewer than {@link PasswordPolicy#SHORTEST} characters. */
    SHORT,
    /** More bytes than are taken into account. */
    LONG,
    /** One character over and over. */
    REPEATED,
    /** On the list of those that everybody tries. */
    COMMON,
    /** Holds the name of the person or of the setting. */
    NAME;

    /** Of its message. */
    public String code() {
        return "password." + name();
    }
}
