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

    /** Letters that a summary may have. */
    public static final int LONGEST_SUMMARY = 120;

    /** Cuts a summary that is too long, as other programs write them. */
    public OccasionDetails {
        summary = summary.length() > LONGEST_SUMMARY ? summary.substring(0, LONGEST_SUMMARY) : summary;
    }

    /** Whether it takes place on a day. */
    public boolean isOn(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(until);
    }
}
