package app.carder.web.undo;

import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import java.util.Optional;
import java.util.UUID;

/** Looks at a row that was brought back: what held it when it was new may hold it again. */
public interface UndoGuard {

    /** The table that it looks after. */
    String table();

    /** Why the row must not come back; empty where nothing speaks against it. It stands as it would be. */
    Optional<Said> against(Viewer viewer, UUID rowId);
}
