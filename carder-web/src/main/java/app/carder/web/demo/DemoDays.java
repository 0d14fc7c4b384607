package app.carder.web.demo;

import app.carder.core.week.OpenDays;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/** The days on which the made-up nurseries are open, and the time at which somebody looks in. */
final class DemoDays {

    /** In the middle of free play. */
    static final LocalTime OPENS_AT = LocalTime.of(10, 5);

    /** Between these the rooms are open and something is going on. */
    private static final LocalTime FIRST = LocalTime.of(8, 30);

    private static final LocalTime LAST = LocalTime.of(15, 30);

    private DemoDays() {}

    /** So many days ago; the Friday before where that is a weekend. */
    static LocalDate open(LocalDate today, int daysAgo) {
        LocalDate day = today.minusDays(daysAgo);
        while (!isOpen(day)) {
            day = day.minusDays(1);
        }
        return day;
    }

    /** The last time that the rooms were in the middle of free play: nothing of the demo lies ahead of the machine's clock. */
    static LocalDateTime lastOpening(LocalDateTime now) {
        LocalDate day = now.toLocalTime().isBefore(OPENS_AT) ? now.toLocalDate().minusDays(1) : now.toLocalDate();
        return open(day, 0).atTime(OPENS_AT);
    }

    /** The same time where the rooms are open then; else the next time that they are in the middle of free play. */
    static LocalDateTime nextOpening(LocalDateTime now, OpenDays open) {
        LocalDate day = now.toLocalDate();
        LocalTime time = now.toLocalTime();
        if (open.isOpen(day) && !time.isBefore(FIRST) && !time.isAfter(LAST)) {
            return now;
        }
        return (open.isOpen(day) && time.isBefore(FIRST) ? day : open.after(day)).atTime(OPENS_AT);
    }

    private static boolean isOpen(LocalDate day) {
        return day.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) <= 0;
    }
}
