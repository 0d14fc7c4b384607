package app.carder.web.media;

/** Why a file is not taken as a photo. The observation is then not saved, and everything typed is kept. */
public final class PhotoRefused extends Exception {

    private final Reason reason;

    PhotoRefused(Reason reason) {
        super(reason.name());
        this.reason = reason;
    }

    PhotoRefused(Reason reason, Throwable cause) {
        super(reason.name(), cause);
        this.reason = reason;
    }

    /** Why. */
    public enum Reason {
        /** More bytes than are taken. */
        TOO_LARGE,
        /** Neither JPEG nor PNG by its content. */
        NOT_A_PHOTO,
        /** More pixels than a camera makes: a bomb, or a scan. */
        TOO_MANY_PIXELS,
        /** Too many others are being looked at; the same photo may be sent again. */
        BUSY,
        /** Broken on the way. */
        UNREADABLE
    }

    /** Code of the message for people. */
    public String code() {
        return "photo." + reason.name();
    }

    /** Why. */
    public Reason reason() {
        return reason;
    }
}
