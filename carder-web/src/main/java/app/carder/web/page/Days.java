package app.carder.web.page;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** Days as they come from forms and addresses. */
public final class Days {

    private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);
    private static final LocalDate LATEST = LocalDate.of(2199, 12, 31);

    private Days() {}

    /**
     * The day that a text names.
     *
     * @param text ISO 8601, such as 2026-05-06
     * @return empty where it names none, or one that no setting plans for or looks back on
     */
    public static Optional<LocalDate> read(String text) {
        try {
            return Optional.of(LocalDate.parse(text)).filter(day -> !day.isBefore(EARLIEST) && !day.isAfter(LATEST));
        } catch (DateTimeParseException noDay) {
            return Optional.empty();
        }
    }
}
