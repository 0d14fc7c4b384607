package app.carder.core.journal;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * When a room's journals are due: once, as at the end of a term, or again and again.
 *
 * @param firstOn the first day on which they are due
 * @param everyWeeks weeks from one to the next, up to {@value #MOST_WEEKS}; 0 where they are due once
 */
public record Rhythm(LocalDate firstOn, int everyWeeks) {

    /** Half a year. */
    public static final int MOST_WEEKS = 26;

    /** A term is about this long: common practice. */
    private static final int WEEKS_OF_A_TERM = 12;

    /**
     * Checks the weeks.
     *
     * @throws IllegalArgumentException if there are fewer than none or more than {@value #MOST_WEEKS}
     */
    public Rhythm {
        if (everyWeeks < 0 || everyWeeks > MOST_WEEKS) {
            throw new IllegalArgumentException("Weeks must be from 0 to %d, got %d.".formatted(MOST_WEEKS, everyWeeks));
        }
    }

    /** The next day on which they are due, a day itself included; absent where they are due once and that is past. */
    public Optional<LocalDate> dueOn(LocalDate today) {
        if (!today.isAfter(firstOn)) {
            return Optional.of(firstOn);
        }
        if (everyWeeks == 0) {
            return Optional.empty();
        }
        long days = everyWeeks * 7L;
        long rounds = (ChronoUnit.DAYS.between(firstOn, today) + days - 1) / days;
        return Optional.of(firstOn.plusDays(rounds * days));
    }

    /** The first day of the records that a journal due on a day is made of. */
    public LocalDate startsOn(LocalDate due) {
        return due.minusWeeks(everyWeeks == 0 ? WEEKS_OF_A_TERM : everyWeeks).plusDays(1);
    }
}
