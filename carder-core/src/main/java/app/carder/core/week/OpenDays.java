package app.carder.core.week;

import app.carder.core.said.Refused;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The days on which the setting is open.
 *
 * @param weekdays days of the week that are open, at least one
 * @param closed single days that are not
 */
public record OpenDays(Set<DayOfWeek> weekdays, Set<LocalDate> closed) {

    private static final int A_YEAR = 366;

    /**
     * Keeps its own copies.
     *
     * @throws IllegalArgumentException if no day of the week is open
     */
    public OpenDays {
        weekdays = Set.copyOf(weekdays);
        closed = Set.copyOf(closed);
        if (weekdays.isEmpty()) {
            throw Refused.because("refused.open-days.at-least-one");
        }
    }

    /** Monday to Friday, but for single days. */
    public static OpenDays mondayToFriday(Set<LocalDate> closed) {
        return new OpenDays(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), closed);
    }

    /** Whether it is open. */
    public boolean isOpen(LocalDate day) {
        return weekdays.contains(day.getDayOfWeek()) && !closed.contains(day);
    }

    /**
     * The last open day before a day.
     *
     * @throws IllegalArgumentException if there is none within a year
     */
    public LocalDate before(LocalDate day) {
        return plus(day, -1);
    }

    /**
     * The first open day after a day.
     *
     * @throws IllegalArgumentException if there is none within a year
     */
    public LocalDate after(LocalDate day) {
        return plus(day, 1);
    }

    /**
     * So many open days later, or earlier where negative: {@code plus(friday, 1)} is the next Monday that is open. 0 is the day itself
     * where it is open, else the next open day.
     *
     * @throws IllegalArgumentException if there is no open day within a year
     */
    public LocalDate plus(LocalDate day, int openDays) {
        int step = openDays < 0 ? -1 : 1;
        LocalDate at = openDays == 0 ? day : day.plusDays(step);
        int left = Math.max(0, Math.abs(openDays) - 1);
        for (int looked = 0; looked < A_YEAR; at = at.plusDays(step)) {
            if (!isOpen(at)) {
                looked++;
            } else if (left == 0) {
                return at;
            } else {
                left--;
                looked = 0;
            }
        }
        throw Refused.because("refused.open-days.there-must-be", day);
    }

    /** Open days from one day to another, the first included, the last not; 0 where it is not later. */
    public int between(LocalDate startInclusive, LocalDate endExclusive) {
        int open = 0;
        for (LocalDate day = startInclusive; day.isBefore(endExclusive); day = day.plusDays(1)) {
            if (isOpen(day)) {
                open++;
            }
        }
        return open;
    }

    /** The days of a week on which the setting is usually open, those that are closed for once included; Monday first. */
    public List<LocalDate> usualOfWeek(LocalDate anyDay) {
        LocalDate monday = anyDay.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return weekdays.stream()
                .sorted()
                .map(day -> monday.plusDays(day.getValue() - 1L))
                .toList();
    }

    /** The open days of a week, Monday first. */
    public List<LocalDate> ofWeek(LocalDate anyDay) {
        LocalDate monday = anyDay.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        List<LocalDate> days = new ArrayList<>();
        for (int at = 0; at < 7; at++) {
            if (isOpen(monday.plusDays(at))) {
                days.add(monday.plusDays(at));
            }
        }
        return days;
    }
}
