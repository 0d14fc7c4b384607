package app.carder.core.week;

import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import java.time.Duration;
import java.time.LocalTime;
import java.util.Optional;

/**
 * A session with what the plan of a day needs to know of it.
 *
 * @param session name, kind and times
 * @param moves whether it may be moved to another time of the day
 * @param garden whether the garden is open to those who choose it
 * @param spoken another language in it
 */
public record PlannedSession(Session session, Moves moves, Garden garden, Spoken spoken) {

    /**
     * A language that is spoken by plan, where it is not the room's usual one.
     *
     * @param language its name; empty where there is none
     * @param length how long; absent for the whole session
     */
    public record Spoken(String language, Optional<Duration> length) {
        /** None but the usual one. */
        public static final Spoken USUAL = new Spoken("", Optional.empty());

        /** All through the session. */
        public static Spoken throughout(String language) {
            return new Spoken(language, Optional.empty());
        }
    }

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

    /** How long the other language is spoken in it: never longer than the session. */
    public Duration inOtherLanguage() {
        if (spoken.language().isBlank()) {
            return Duration.ZERO;
        }
        return spoken.length().filter(length -> length.compareTo(length()) < 0).orElse(length());
    }

    PlannedSession at(LocalTime start) {
        return new PlannedSession(
                new Session(session.name(), session.kind(), start, start.plus(length())), moves, garden, spoken);
    }

    /** One session of the first one's kind from its start to the other's end. */
    PlannedSession until(LocalTime end) {
        return new PlannedSession(
                new Session(session.name(), session.kind(), session.startsAt(), end), moves, garden, spoken);
    }
}
