package app.carder.core.measure;

import java.time.LocalDate;
import java.time.Period;

/**
 * A child's age on a day, to the day. Never stored: always worked out from the birthday.
 *
 * @param bornOn the birthday
 * @param on the day of interest, not before the birthday
 */
public record Age(LocalDate bornOn, LocalDate on) {

    /**
     * Refuses a birthday in the future.
     *
     * @throws IllegalArgumentException if {@code on} is before {@code bornOn}
     */
    public Age {
        if (bornOn.isAfter(on)) {
            throw new IllegalArgumentException(
                    "Birthday must not be after the day it is calculated on, got %s after %s.".formatted(bornOn, on));
        }
    }

    /**
     * The age between two days, by the calendar: a month is complete on the same day number, or on the first day
     * after a month that lacks it. A child born on 29 February 2024 is 11 months and 30 days old on 28 February 2025, and one
     * year old on 1 March 2025.
     */
    public static Age between(LocalDate bornOn, LocalDate on) {
        return new Age(bornOn, on);
    }

    /** Completed months, 0 or more. */
    public int inMonths() {
        return (int) period().toTotalMonths();
    }

    /** Years, months and days, each completed. */
    public Period period() {
        return bornOn.until(on);
    }

    /** Whether fewer than so many months are complete. */
    public boolean isUnderMonths(int months) {
        return inMonths() < months;
    }

    /** For people, to the day: {@code 2 y 3 m 4 d}. */
    public String forPeople() {
        Period period = period();
        return "%d\u00a0y %d\u00a0m %d\u00a0d".formatted(period.getYears(), period.getMonths(), period.getDays());
    }

    @Override
    public String toString() {
        return period().toString();
    }
}
