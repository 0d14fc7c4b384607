package app.carder.web.undo;

import app.carder.web.account.Viewer;
import java.util.UUID;

/** A record of a child of which every earlier wording is kept: what is taken back is kept as well. */
public interface KeptWording {

    /** The table that it looks after. */
    String table();

    /**
     * Reads a row before it is taken back.
     *
     * @return what keeps that wording once it is
     */
    Runnable before(Viewer viewer, UUID rowId);
}
