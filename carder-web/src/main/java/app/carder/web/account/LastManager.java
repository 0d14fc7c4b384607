package app.carder.web.account;

/** Nobody would manage the setting any more. */
public final class LastManager extends RuntimeException {

    LastManager() {
        super("The last manager stays.");
    }
}
