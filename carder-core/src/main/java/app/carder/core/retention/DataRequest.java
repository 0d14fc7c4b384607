package app.carder.core.retention;

import java.time.LocalDate;

/** A family's request to see what is kept about its child. */
public final class DataRequest {

    private DataRequest() {}

    /**
     * Until when it has to be answered: within a month of the day on which it came. UK GDPR, Art. 12(3), from memory; two months more where
     * it is complex, and the family is told within the first.
     *
     * @param askedOn the day on which it came
     * @return the same day of the next month, or its last day where it has no such day
     */
    public static LocalDate due(LocalDate askedOn) {
        return askedOn.plusMonths(1);
    }
}
