package app.carder.web.page;

/** Too many are at it just now; the same may be asked again in a moment. */
public final class Busy extends RuntimeException {

    private static final long serialVersionUID = 1L;
}
