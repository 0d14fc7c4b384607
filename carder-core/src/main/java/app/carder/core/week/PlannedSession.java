package app.carder.core.week;

import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import java.time.Duration;
import java.time.LocalTime;

/**
 * A session with what the plan of a day needs to know of it.
 *
 * @param session name, kind and times
 * @param moves whether it may be moved to another time of the day
 * @param garden whether the garden is open to those who choose it
 * @param language spoken in it by plan, where it is not the room's usual one; else empty
 */
public record PlannedSession(Session session, Moves moves, Garden garden, String language) {

    /** Whether a session may be moved. */
    public enum Moves {
        /** Lunch, rest, coming and going. */
        FIXED,
        /** Can be earlier or later. */
        MOVABLE
    }

    /** Whether children may choose to be out of doors. */
    public enum Garden {
        /** They may. */
        OPEN,
        /** They may not. */
        CLOSED
    }

    /** Whether it is free play, indoors or out. */
    public boolean isPlay() {
        return session.kind() == Kind.PROTECTED_PLAY || session.kind() == Kind.OUTDOORS;
    }

    /** How long it lasts. */
    public Duration length() {
        return Duration.between(session.startsAt(), session.endsAt());
    }

    PlannedSession at(LocalTime start) {
        return new PlannedSession(
                new Session(session.name(), session.kind(), start, start.plus(length())), moves, garden, language);
    }

    /** One session of the first one's kind from its start to the other's end. */
    PlannedSession until(LocalTime end) {
        return new PlannedSession(
                new Session(session.name(), session.kind(), session.startsAt(), end), moves, garden, language);
    }
}
