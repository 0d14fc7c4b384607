package app.carder.core.attendance;

import app.carder.core.said.Refused;
import java.time.LocalTime;
import java.util.Optional;

/**
 * From when until when a child is there on a day.
 *
 * @param arrives absent where with the first session
 * @param leaves later; absent where with the last
 */
public record DayHours(Optional<LocalTime> arrives, Optional<LocalTime> leaves) {

    /** From the first session to the last. */
    public static final DayHours WHOLE_DAY = new DayHours(Optional.empty(), Optional.empty());

    /**
     * Checks.
     *
     * @throws IllegalArgumentException if a child would leave before it arrives
     */
    public DayHours {
        if (arrives.isPresent() && leaves.isPresent() && !leaves.get().isAfter(arrives.get())) {
            throw Refused.because("enrolment.leaves-early");
        }
    }

    /** Whether nothing is said of either. */
    public boolean isWholeDay() {
        return arrives.isEmpty() && leaves.isEmpty();
    }
}
