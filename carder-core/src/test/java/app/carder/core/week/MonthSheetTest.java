package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class MonthSheetTest {

    @Test
    void aFebruaryThatBeginsOnAMondayFillsFourWeeks() {
        assertThat(MonthSheet.of(YearMonth.of(2027, 2)).weeks())
                .hasSize(4)
                .allSatisfy(week -> assertThat(week).hasSize(7).doesNotContain(Optional.empty()));
    }

    @Test
    void aMonthOfThirtyOneDaysThatBeginsOnASundayReachesOverSixWeeks() {
        List<List<Optional<LocalDate>>> weeks =
                MonthSheet.of(YearMonth.of(2026, 3)).weeks();

        assertThat(weeks).hasSize(6);
        assertThat(weeks.get(0).subList(0, 6)).containsOnly(Optional.empty());
        assertThat(weeks.get(0).get(6)).contains(LocalDate.of(2026, 3, 1));
        assertThat(weeks.get(5).get(1)).contains(LocalDate.of(2026, 3, 31));
        assertThat(weeks.get(5).subList(2, 7)).containsOnly(Optional.empty());
    }

    @Test
    void everyDayOfTenYearsStandsOnceInOrderUnderItsWeekday() {
        IntStream.range(0, 120).mapToObj(YearMonth.of(2024, 1)::plusMonths).forEach(month -> {
            List<List<Optional<LocalDate>>> weeks = MonthSheet.of(month).weeks();

            assertThat(weeks.stream().flatMap(List::stream).flatMap(Optional::stream))
                    .containsExactlyElementsOf(IntStream.rangeClosed(1, month.lengthOfMonth())
                            .mapToObj(month::atDay)
                            .toList());
            weeks.forEach(week -> week.forEach(day ->
                    day.ifPresent(on -> assertThat(on.getDayOfWeek()).isEqualTo(DayOfWeek.of(week.indexOf(day) + 1)))));
        });
    }
}
