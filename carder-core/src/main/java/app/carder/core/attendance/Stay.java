package app.carder.core.attendance;

import java.time.LocalDate;
import java.util.Optional;

/**
 * From which day to which a child comes.
 *
 * @param startsOn first day; absent where nobody wrote it down
 * @param endsOn last day; absent where none is known
 */
public record Stay(Optional<LocalDate> startsOn, Optional<LocalDate> endsOn) {

    /** Neither is known. */
    public static final Stay OPEN = new Stay(Optional.empty(), Optional.empty());

    /** Whether a day lies in it. */
    public boolean includes(LocalDate day) {
        return startsOn.map(first -> !day.isBefore(first)).orElse(true)
                && endsOn.map(last -> !day.isAfter(last)).orElse(true);
    }

    /** Whether it is over on a day. */
    public boolean isOver(LocalDate day) {
        return endsOn.map(day::isAfter).orElse(false);
    }
}
