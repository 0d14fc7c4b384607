package app.carder.exchange.table;

/** Why a file is not read as a table. */
public final class TableRefused extends Exception {

    private final Reason reason;

    TableRefused(Reason reason) {
        super(reason.name());
        this.reason = reason;
    }

    TableRefused(Reason reason, Throwable cause) {
        super(reason.name(), cause);
        this.reason = reason;
    }

    /** Why. */
    public enum Reason {
        /** More bytes, rows, columns or text than are taken; or a file that unpacks to more. */
        TOO_LARGE,
        /** A workbook without a sheet. */
        NO_SHEET,
        /** Nothing but blanks. */
        EMPTY,
        /** Broken on the way, or no table at all. */
        BROKEN
    }

    /** Why. */
    public Reason reason() {
        return reason;
    }
}
