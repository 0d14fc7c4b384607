package app.carder.core.sending;

import java.time.LocalDateTime;
import java.time.LocalTime;

/**
 * Hours in which no mail goes out to families.
 *
 * @param from when they begin
 * @param until when they end, on the next day where that is before {@code from}
 */
public record QuietHours(LocalTime from, LocalTime until) {

    /** What a setting begins with: common practice. */
    public static final QuietHours USUAL = new QuietHours(LocalTime.of(20, 0), LocalTime.of(7, 0));

    /**
     * Refuses hours without end.
     *
     * @throws IllegalArgumentException if they end when they begin
     */
    public QuietHours {
        if (from.equals(until)) {
            throw new IllegalArgumentException("Quiet hours must end at another time than they begin.");
        }
    }

    /** When mail may go out next: now, or at the end of the hours that hold now. */
    public LocalDateTime opens(LocalDateTime now) {
        if (!hold(now.toLocalTime())) {
            return now;
        }
        LocalDateTime end = now.toLocalDate().atTime(until);
        return end.isAfter(now) ? end : end.plusDays(1);
    }

    private boolean hold(LocalTime time) {
        return from.isBefore(until)
                ? !time.isBefore(from) && time.isBefore(until)
                : !time.isBefore(from) || time.isBefore(until);
    }
}
