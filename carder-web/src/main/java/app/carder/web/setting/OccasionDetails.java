package app.carder.web.setting;

import java.time.LocalDate;

/**
 * Something that takes place on certain days.
 *
 * @param from first day
 * @param until last day, included
 * @param summary for people
 * @param closes whether the setting is closed
 */
public record OccasionDetails(LocalDate from, LocalDate until, String summary, boolean closes) {

    /** Whether it takes place on a day. */
    public boolean isOn(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(until);
    }
}
