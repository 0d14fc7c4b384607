package app.carder.core.investigate;

import app.carder.core.week.OpenDays;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The days on which an investigation is looked at. */
public final class ObservationDays {

    private ObservationDays() {}

    /**
     * Every second or third open day over one to six weeks, the first day included. Closed days are passed over, so that no day falls
     * on one; the last is on or before {@code start + 7 * weeks} days.
     *
     * @param start first day; where it is closed, the next open one
     * @param everyOpenDays 1 to 5
     * @param weeks 1 to 6
     * @throws IllegalArgumentException if a number is out of range
     */
    public static List<LocalDate> of(LocalDate start, int everyOpenDays, int weeks, OpenDays open) {
        if (everyOpenDays < 1 || everyOpenDays > 5) {
            throw new IllegalArgumentException(
                    "It must be looked at every 1 to 5 open days, got %d.".formatted(everyOpenDays));
        }
        if (weeks < 1 || weeks > 6) {
            throw new IllegalArgumentException("It must last 1 to 6 weeks, got %d.".formatted(weeks));
        }
        LocalDate last = start.plusWeeks(weeks);
        List<LocalDate> days = new ArrayList<>();
        for (LocalDate day = open.plus(start, 0); !day.isAfter(last); day = open.plus(day, everyOpenDays)) {
            days.add(day);
        }
        return days;
    }
}
