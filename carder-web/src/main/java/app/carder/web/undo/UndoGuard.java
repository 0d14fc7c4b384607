package app.carder.web.undo;

import app.carder.web.account.Viewer;
import java.util.Optional;
import java.util.UUID;

/** Looks at a row that was brought back: what held it when it was new may hold it again. */
public interface UndoGuard {

    /** The table that it looks after. */
    String table();

    /** Why the row must not come back, as a code of the words; empty where nothing speaks against it. It stands as it would be. */
    Optional<String> against(Viewer viewer, UUID rowId);
}
