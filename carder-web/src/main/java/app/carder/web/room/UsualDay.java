package app.carder.web.room;

import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import java.time.LocalTime;
import java.util.List;

/** The day that a room begins with: common practice, meant to be changed. */
public final class UsualDay {

    /** From arrival to going home. */
    public static final List<Session> SESSIONS = List.of(
            new Session("Arrival", Kind.CARE, LocalTime.of(8, 0), LocalTime.of(9, 0)),
            new Session("Free play", Kind.PROTECTED_PLAY, LocalTime.of(9, 0), LocalTime.of(11, 30)),
            new Session("Lunch", Kind.CARE, LocalTime.of(11, 30), LocalTime.of(12, 30)),
            new Session("Rest", Kind.CARE, LocalTime.of(12, 30), LocalTime.of(13, 30)),
            new Session("Free play", Kind.PROTECTED_PLAY, LocalTime.of(13, 30), LocalTime.of(15, 30)),
            new Session("Outdoors", Kind.OUTDOORS, LocalTime.of(15, 30), LocalTime.of(16, 30)));

    private UsualDay() {}
}
