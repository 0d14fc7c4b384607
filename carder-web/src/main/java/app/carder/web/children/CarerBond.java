package app.carder.web.children;

/**
 * What a carer is to a child.
 *
 * @param responsibility whether they have parental responsibility
 * @param fosters whether they look after the child for a local authority, or in its place
 * @param home which home they belong to, where the child has two; empty where there is one
 */
public record CarerBond(Responsibility responsibility, boolean fosters, String home) {

    /** Where nobody has been asked. */
    public static final CarerBond UNKNOWN = new CarerBond(Responsibility.NOT_ASKED, false, "");

    /** Parental responsibility. */
    public enum Responsibility {
        /** They have it. */
        HAS,
        /** They have none. */
        NONE,
        /** Nobody has asked. */
        NOT_ASKED
    }

    /**
     * Whether they may say what photos may be used for. A foster carer of whom nobody has asked counts as one without parental responsibility,
     * which stays with the parents, or is shared by a local authority (Children Act 1989, s. 33, from memory).
     */
    public boolean mayConsent() {
        return responsibility == Responsibility.HAS || responsibility == Responsibility.NOT_ASKED && !fosters;
    }
}
