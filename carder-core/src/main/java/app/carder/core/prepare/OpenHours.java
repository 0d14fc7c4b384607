package app.carder.core.prepare;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;

/**
 * When somebody is there.
 *
 * @param from staff come
 * @param to staff leave
 * @param sessions in which children make things; within the hours
 * @param days of the week that are open
 * @param closed single days that are not
 */
public record OpenHours(LocalTime from, LocalTime to, List<Span> sessions, Set<DayOfWeek> days, Set<LocalDate> closed) {

    /** Keeps its own copies; refuses hours that end before they begin, and a setting that never opens. */
    public OpenHours {
        sessions = List.copyOf(sessions);
        days = Set.copyOf(days);
        closed = Set.copyOf(closed);
        if (!to.isAfter(from)) {
            throw new IllegalArgumentException("Closing must be after opening, got %s to %s.".formatted(from, to));
        }
        if (days.isEmpty()) {
            throw new IllegalArgumentException("At least one day of the week must be open.");
        }
    }

    /**
     * A part of a day.
     *
     * @param from begins
     * @param to ends, later
     */
    public record Span(LocalTime from, LocalTime to) {
        /** Refuses an end before its beginning. */
        public Span {
            if (!to.isAfter(from)) {
                throw new IllegalArgumentException(
                        "End must be after the beginning, got %s to %s.".formatted(from, to));
            }
        }
    }

    /** Whether somebody is there that day. */
    public boolean isOpen(LocalDate day) {
        return days.contains(day.getDayOfWeek()) && !closed.contains(day);
    }

    /** The last open day before a day, within a year. */
    public LocalDate openDayBefore(LocalDate day) {
        LocalDate before = day.minusDays(1);
        for (int looked = 0; looked < 366; looked++) {
            if (isOpen(before)) {
                return before;
            }
            before = before.minusDays(1);
        }
        throw new IllegalArgumentException("No open day within a year before %s.".formatted(day));
    }

    /** The spans of a day in which a kind of work can be done, from the earliest; none where it is closed. */
    List<Block> spans(LocalDate day, Step.Who who) {
        if (!isOpen(day)) {
            return List.of();
        }
        if (who == Step.Who.ADULT) {
            return List.of(new Block(day.atTime(from), day.atTime(to)));
        }
        return sessions.stream()
                .map(span -> new Block(day.atTime(span.from()), day.atTime(span.to())))
                .toList();
    }

    /**
     * A time that is taken, or free.
     *
     * @param from begins
     * @param to ends
     */
    record Block(LocalDateTime from, LocalDateTime to) {
        boolean overlaps(Block other) {
            return from.isBefore(other.to()) && other.from().isBefore(to);
        }
    }
}
