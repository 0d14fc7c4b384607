package app.carder.core.week;

import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The day's sessions as a band drawn to scale, with a now-line. Places are permille of the band's width.
 *
 * @param blocks sessions, earliest first
 * @param nowPermille where the now-line stands; absent outside the day
 * @param current the session that goes on now; absent outside the day and between sessions
 * @param minutesLeft of that session, 1 or more, a minute that has begun counted whole
 */
public record DayStrip(
        List<Block> blocks, Optional<Integer> nowPermille, Optional<Session> current, Optional<Integer> minutesLeft) {

    private static final int SECONDS_OF_A_MINUTE = 60;

    /** Keeps its own copy. */
    public DayStrip {
        blocks = List.copyOf(blocks);
    }

    /** What a session is. */
    public enum Kind {
        /** Free play that nobody interrupts. */
        PROTECTED_PLAY,
        /** Led by an adult. */
        GROUP,
        /** Food, rest, coming and going. */
        CARE,
        /** Out of doors. */
        OUTDOORS;

        /** For people. */
        public String words() {
            return Said.say("session-kind." + name());
        }
    }

    /**
     * A session.
     *
     * @param name for people
     * @param kind what it is
     * @param startsAt included
     * @param endsAt excluded, after the start
     */
    public record Session(String name, Kind kind, LocalTime startsAt, LocalTime endsAt) {
        /**
         * Refuses a session that does not last.
         *
         * @throws IllegalArgumentException if it ends at or before its start
         */
        public Session {
            if (!endsAt.isAfter(startsAt)) {
                throw Refused.because("refused.day-strip.session-must-end", name, startsAt, endsAt);
            }
        }

        /** Whether it goes on at this time. */
        public boolean holds(LocalTime time) {
            return !time.isBefore(startsAt) && time.isBefore(endsAt);
        }
    }

    /**
     * A session in its place.
     *
     * @param session which
     * @param startPermille left edge, 0 to 1000
     * @param widthPermille width, 0 to 1000
     */
    public record Block(Session session, int startPermille, int widthPermille) {}

    /** Lays out sessions between the first start and the last end. */
    public static DayStrip of(List<Session> sessions, LocalTime now) {
        if (sessions.isEmpty()) {
            return new DayStrip(List.of(), Optional.empty(), Optional.empty(), Optional.empty());
        }
        List<Session> ordered = sessions.stream()
                .sorted(Comparator.comparing(Session::startsAt))
                .toList();
        int first = ordered.get(0).startsAt().toSecondOfDay();
        int last = ordered.stream()
                .mapToInt(session -> session.endsAt().toSecondOfDay())
                .max()
                .orElseThrow();
        List<Block> blocks = ordered.stream()
                .map(session -> {
                    int start = permille(session.startsAt(), first, last);
                    return new Block(session, start, permille(session.endsAt(), first, last) - start);
                })
                .toList();
        int at = now.toSecondOfDay();
        Optional<Session> current =
                ordered.stream().filter(session -> session.holds(now)).findFirst();
        return new DayStrip(
                blocks,
                at < first || at > last ? Optional.empty() : Optional.of(permille(now, first, last)),
                current,
                current.map(session ->
                        (session.endsAt().toSecondOfDay() - at + SECONDS_OF_A_MINUTE - 1) / SECONDS_OF_A_MINUTE));
    }

    private static int permille(LocalTime time, int first, int last) {
        return Math.round(1000f * (time.toSecondOfDay() - first) / (last - first));
    }
}
