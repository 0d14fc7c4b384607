package app.carder.core.investigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.drawing.Sketch;
import app.carder.core.investigate.ReadingChart.Drawn;
import app.carder.core.investigate.ReadingChart.Reading;
import app.carder.core.week.OpenDays;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class InvestigateTest {

    /** A Monday. */
    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 11);

    private static final OpenDays OPEN = OpenDays.mondayToFriday(Set.of(MONDAY.plusDays(2)));

    /**
     * Every two days of the calendar from Monday, Wednesday and weekends being closed: Mon, Tue for Wed, Fri, Mon for Sun, Tue, Thu, Fri
     * for Sat, Mon.
     */
    @Test
    void looksEveryOtherDayOfTheCalendarAndNeverOnAClosedOne() {
        List<LocalDate> days = ObservationDays.of(MONDAY, 2, 2, OPEN);

        assertThat(days)
                .containsExactlyElementsOf(java.util.stream.IntStream.of(0, 1, 4, 7, 8, 10, 11, 14)
                        .mapToObj(MONDAY::plusDays)
                        .toList())
                .allMatch(OPEN::isOpen);
        assertThat(ObservationDays.of(MONDAY.plusDays(2), 3, 2, OPEN))
                .as("a closed first day moves on")
                .startsWith(MONDAY.plusDays(3));
    }

    @Test
    void refusesNumbersOutOfRange() {
        assertThatThrownBy(() -> ObservationDays.of(MONDAY, 8, 2, OPEN))
                .hasMessageContaining("every 1 to 7 days; this says 8");
        assertThatThrownBy(() -> ObservationDays.of(MONDAY, 2, 7, OPEN))
                .hasMessageContaining("1 to 6 weeks; this says 7");
    }

    @Test
    void knowsWhenCressSprouts() {
        Expected cress = Expected.byCode("CRESS").orElseThrow();

        assertThat(cress.words(MONDAY, MONDAY.plusDays(1)))
                .startsWith("Too early: it usually sprouts after 2 to 4 days");
        assertThat(cress.words(MONDAY, MONDAY.plusDays(2))).startsWith("Now");
        assertThat(cress.words(MONDAY, MONDAY.plusDays(4))).startsWith("Now");
        assertThat(cress.words(MONDAY, MONDAY.plusDays(5))).startsWith("The usual window has passed");
        assertThat(Expected.shipped())
                .hasSizeGreaterThanOrEqualTo(10)
                .allSatisfy(one -> assertThat(one.fromDays()).isLessThan(one.toDays()));
    }

    @Test
    void drawsReadingsToScaleWithTheirWindow() {
        Sketch chart = ReadingChart.of(
                "Bean by the window",
                "cm",
                MONDAY,
                MONDAY.plusDays(14),
                ObservationDays.of(MONDAY, 2, 2, OPEN),
                List.of(
                        new Reading(MONDAY.plusDays(14), Optional.of(new BigDecimal("8")), Drawn.NO),
                        new Reading(MONDAY.plusDays(7), Optional.of(new BigDecimal("4")), Drawn.YES),
                        new Reading(MONDAY, Optional.of(BigDecimal.ZERO), Drawn.NO),
                        new Reading(MONDAY.plusDays(30), Optional.of(new BigDecimal("99")), Drawn.NO)),
                Expected.byCode("RUNNER_BEAN"));

        List<Sketch.Round> dots = chart.marks().stream()
                .filter(Sketch.Round.class::isInstance)
                .map(Sketch.Round.class::cast)
                .toList();
        assertThat(dots).as("what lies outside is left out").hasSize(3);
        assertThat(dots.get(1).x() * 2).isEqualTo(dots.get(0).x() + dots.get(2).x());
        assertThat(dots.get(1).y() * 2).isEqualTo(dots.get(0).y() + dots.get(2).y());
        assertThat(chart.description())
                .contains(
                        "11 May 2026 0 cm, 18 May 2026 4 cm, drawn, 25 May 2026 8 cm.",
                        "sprouts from 18 May 2026 to 25 May 2026");
        assertThat(chart.marks())
                .filteredOn(Sketch.Shape.class::isInstance)
                .as("the window and one drawing")
                .hasSize(2);
    }

    @Test
    void anEmptyChartSaysSo() {
        assertThat(ReadingChart.of("Ice", "g", MONDAY, MONDAY.plusDays(7), List.of(), List.of(), Optional.empty())
                        .description())
                .isEqualTo("Ice: no reading yet.");
    }
}
