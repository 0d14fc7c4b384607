package app.carder.core.said;

/** What cannot be worked out or kept, and why: a code with arguments that people are told in their language. */
public final class Refused extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    private final transient Said why;

    private Refused(Said why) {
        super(why.words());
        this.why = why;
    }

    /** By the code of the catalogue. */
    public static Refused because(String code, Object... arguments) {
        return new Refused(Said.of(code, arguments));
    }

    /** The same with what brought it about. */
    public Refused from(Throwable cause) {
        initCause(cause);
        return this;
    }

    /** Why something was refused; the message itself where it is none of the catalogue. */
    public static Said why(IllegalArgumentException refused) {
        return refused instanceof Refused told ? told.why : Said.typed(String.valueOf(refused.getMessage()));
    }
}
