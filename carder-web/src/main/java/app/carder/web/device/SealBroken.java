package app.carder.web.device;

/** What a device sealed cannot be opened. Its message holds nothing of what is in it. */
final class SealBroken extends Exception {

    private static final long serialVersionUID = 1L;

    SealBroken(String message) {
        super(message);
    }

    SealBroken(String message, Throwable cause) {
        super(message, cause);
    }
}
