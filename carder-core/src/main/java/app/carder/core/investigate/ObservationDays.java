package app.carder.core.investigate;

import app.carder.core.said.Refused;
import app.carder.core.week.OpenDays;
import java.time.LocalDate;
import java.util.List;
import java.util.TreeSet;

/** The days on which an investigation is looked at. */
public final class ObservationDays {

    private ObservationDays() {}

    /**
     * Every so many calendar days over one to six weeks, the first day included: what grows or rots does so on closed days too. A day
     * that is closed is moved to the open day before it, or after it where that one is taken; the last is on or before {@code start + 7
     * * weeks} days.
     *
     * @param start first day; where it is closed, the next open one
     * @param everyDays 1 to 7 calendar days
     * @param weeks 1 to 6
     * @throws IllegalArgumentException if a number is out of range
     */
    public static List<LocalDate> of(LocalDate start, int everyDays, int weeks, OpenDays open) {
        if (everyDays < 1 || everyDays > 7) {
            throw Refused.because("refused.observation-days.it-must-be", everyDays);
        }
        if (weeks < 1 || weeks > 6) {
            throw Refused.because("refused.observation-days.it-must-last", weeks);
        }
        LocalDate last = start.plusWeeks(weeks);
        TreeSet<LocalDate> days = new TreeSet<>();
        days.add(open.plus(start, 0));
        for (LocalDate due = days.first().plusDays(everyDays); !due.isAfter(last); due = due.plusDays(everyDays)) {
            LocalDate before = open.isOpen(due) ? due : open.before(due);
            LocalDate day = days.contains(before) ? open.plus(due, 0) : before;
            if (!day.isAfter(last)) {
                days.add(day);
            }
        }
        return List.copyOf(days);
    }
}
