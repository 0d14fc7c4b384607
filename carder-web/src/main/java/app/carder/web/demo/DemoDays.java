package app.carder.web.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;

/** The days on which the made-up nurseries are open. */
final class DemoDays {

    private DemoDays() {}

    /** So many days ago; the Friday before where that is a weekend. */
    static LocalDate open(LocalDate today, int daysAgo) {
        LocalDate day = today.minusDays(daysAgo);
        while (day.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) > 0) {
            day = day.minusDays(1);
        }
        return day;
    }
}
