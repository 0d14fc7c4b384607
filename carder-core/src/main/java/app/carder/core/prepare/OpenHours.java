package app.carder.core.prepare;

import app.carder.core.week.OpenDays;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;

/**
 * When somebody is there.
 *
 * @param from staff come
 * @param to staff leave
 * @param sessions in which children make things; within the hours
 * @param days that are open
 */
public record OpenHours(LocalTime from, LocalTime to, List<Span> sessions, OpenDays days) {

    /** Keeps its own copies; refuses hours that end before they begin. */
    public OpenHours {
        sessions = List.copyOf(sessions);
        if (!to.isAfter(from)) {
            throw new IllegalArgumentException("Closing must be after opening, got %s to %s.".formatted(from, to));
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
        return days.isOpen(day);
    }

    /** The last open day before a day, within a year. */
    public LocalDate openDayBefore(LocalDate day) {
        return days.before(day);
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
