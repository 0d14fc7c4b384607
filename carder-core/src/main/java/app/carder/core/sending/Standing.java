package app.carder.core.sending;

/** How far a message has come. */
public enum Standing {
    /** It is to go out; it is tried again where a server has put it off. */
    WAITING,
    /** A mail server has taken it. Whether anybody opened it is not known. */
    ACCEPTED,
    /** A mail server will not take it, now or later. */
    REFUSED,
    /** It was put off for too long. */
    GIVEN_UP,
    /** A server took it and sent it back later. */
    RETURNED,
    /** Somebody, or what became known since, stopped it before it went. */
    STOPPED;

    /** Whether it did not reach anybody, and somebody has to do something. */
    public boolean isFailed() {
        return this == REFUSED || this == GIVEN_UP || this == RETURNED;
    }
}
