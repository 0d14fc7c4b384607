package app.carder.web.room;

import app.carder.core.week.DayStrip;
import app.carder.core.week.PlannedSession;
import app.carder.core.week.PlannedSession.Garden;
import app.carder.core.week.PlannedSession.Moves;
import app.carder.core.week.PlannedSession.Spoken;
import java.time.DayOfWeek;
import java.util.Set;

/**
 * A session as it is written down.
 *
 * @param planned what it is and when
 * @param weekdays on which it takes place
 */
public record SessionDetails(PlannedSession planned, Set<DayOfWeek> weekdays) {

    /** Keeps its own copy. */
    public SessionDetails {
        weekdays = Set.copyOf(weekdays);
    }

    /** On some days, at its fixed time, in the room's language; group time may move. */
    static SessionDetails usual(DayStrip.Session session, Set<DayOfWeek> days) {
        return new SessionDetails(
                new PlannedSession(
                        session,
                        session.kind() == DayStrip.Kind.GROUP ? Moves.MOVABLE : Moves.FIXED,
                        Garden.CLOSED,
                        Spoken.USUAL),
                days);
    }
}
