package app.carder.web.room;

import app.carder.core.framework.Framework;
import app.carder.core.practice.PracticeStyle;
import java.util.List;
import java.util.UUID;

/**
 * A room, as other features see it.
 *
 * @param id its own
 * @param name for people
 * @param framework that it works by
 * @param style the way it works
 * @param zones in order
 * @param sessions of a day, earliest first
 */
public record RoomView(
        UUID id,
        String name,
        Framework framework,
        PracticeStyle style,
        List<ZoneView> zones,
        List<SessionView> sessions) {
    /** Keeps its own copies. */
    public RoomView {
        zones = List.copyOf(zones);
        sessions = List.copyOf(sessions);
    }
}
