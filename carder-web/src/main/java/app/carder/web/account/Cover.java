package app.carder.web.account;

import java.time.LocalDate;

/**
 * The days on which somebody stands in.
 *
 * @param from the first
 * @param until the last, included
 */
public record Cover(LocalDate from, LocalDate until) {

    /** Refuses days the wrong way round. */
    public Cover {
        if (until.isBefore(from)) {
            throw new IllegalArgumentException("Cover must end on or after %s, got %s.".formatted(from, until));
        }
    }

    /** Whether a day is one of them. */
    public boolean includes(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(until);
    }
}
