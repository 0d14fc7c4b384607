package app.carder.web.account;

import java.util.UUID;
import org.springframework.security.access.AccessDeniedException;

/** A member of staff asked for the record of a room that they do not work in. */
public final class OtherRoom extends AccessDeniedException {

    private final Viewer viewer;
    private final UUID roomId;

    /** Who asked, and for what room. */
    public OtherRoom(Viewer viewer, UUID roomId) {
        super("Of a room that this person does not work in.");
        this.viewer = viewer;
        this.roomId = roomId;
    }

    /** Who asked. */
    public Viewer viewer() {
        return viewer;
    }

    /** The room. */
    public UUID roomId() {
        return roomId;
    }
}
