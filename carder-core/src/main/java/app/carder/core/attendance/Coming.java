package app.carder.core.attendance;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;

/**
 * When a child comes, as it was agreed.
 *
 * @param days of the week
 * @param usual hours on those days
 * @param others hours on days that differ from the usual ones
 * @param stay from which day to which
 */
public record Coming(Set<DayOfWeek> days, DayHours usual, Map<DayOfWeek, DayHours> others, Stay stay) {

    /** Keeps its own copies. */
    public Coming {
        days = Set.copyOf(days);
        others = Map.copyOf(others);
    }

    /** On some days of the week, from the first session to the last, for as long as nobody says otherwise. */
    public static Coming on(Set<DayOfWeek> days) {
        return new Coming(days, DayHours.WHOLE_DAY, Map.of(), Stay.OPEN);
    }

    /** Whether the child is expected on a day. */
    public boolean isOn(LocalDate day) {
        return stay.includes(day) && days.contains(day.getDayOfWeek());
    }

    /** Its hours on a day of the week. */
    public DayHours hours(DayOfWeek day) {
        return others.getOrDefault(day, usual);
    }
}
