package app.carder.web.room;

import app.carder.core.framework.Framework;
import app.carder.core.practice.PracticeStyle;
import app.carder.web.setting.Identified;
import java.time.DayOfWeek;
import java.util.List;
import java.util.UUID;

/**
 * A room, as other features see it.
 *
 * @param id its own
 * @param name for people
 * @param framework that it works by
 * @param style the way it works
 * @param language that its records are written in
 * @param zones in order
 * @param sessions of all days, earliest first
 * @param week how it keeps its week
 */
public record RoomView(
        UUID id,
        String name,
        Framework framework,
        PracticeStyle style,
        RecordLanguage language,
        List<ZoneView> zones,
        List<SessionView> sessions,
        WeekRules week)
        implements Identified {
    /** Keeps its own copies. */
    public RoomView {
        zones = List.copyOf(zones);
        sessions = List.copyOf(sessions);
    }

    /** Sessions of a day of the week, earliest first. */
    public List<SessionView> sessionsOn(DayOfWeek day) {
        return sessions.stream().filter(session -> session.isOn(day)).toList();
    }
}
