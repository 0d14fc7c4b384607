package app.carder.core.week;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A month as a sheet of a calendar: weeks down, Monday to Sunday across (ISO 8601).
 *
 * @param month which
 * @param weeks of seven days each, absent before the month's first day and after its last
 */
public record MonthSheet(YearMonth month, List<List<Optional<LocalDate>>> weeks) {

    private static final int DAYS_OF_WEEK = 7;

    /** Keeps its own copies. */
    public MonthSheet {
        weeks = weeks.stream().map(List::copyOf).toList();
    }

    /** The sheet of a month. */
    public static MonthSheet of(YearMonth month) {
        int before = month.atDay(1).getDayOfWeek().getValue() - 1;
        List<List<Optional<LocalDate>>> weeks = new ArrayList<>();
        for (int first = 1 - before; first <= month.lengthOfMonth(); first += DAYS_OF_WEEK) {
            weeks.add(IntStream.range(first, first + DAYS_OF_WEEK)
                    .mapToObj(
                            day -> month.isValidDay(day) ? Optional.of(month.atDay(day)) : Optional.<LocalDate>empty())
                    .toList());
        }
        return new MonthSheet(month, weeks);
    }
}
