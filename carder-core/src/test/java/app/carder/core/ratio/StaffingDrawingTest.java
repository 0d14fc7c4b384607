package app.carder.core.ratio;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Label;
import app.carder.core.drawing.Sketch.Shape;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.ratio.Staffing.AdultHours;
import app.carder.core.ratio.Staffing.ChildHours;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StaffingDrawingTest {

    private static final RatioRule RULE = RatioRule.shipped().stream()
            .filter(rule -> rule.need(java.util.Collections.nCopies(9, 40)).adults() == 2)
            .findFirst()
            .orElseThrow();

    private static AdultHours adult(String name, int from, int until) {
        return new AdultHours(name, LocalTime.of(from, 0), LocalTime.of(until, 0));
    }

    private static List<ChildHours> nineChildren() {
        return IntStream.range(0, 9)
                .mapToObj(child -> new ChildHours(40, LocalTime.of(8, 0), LocalTime.of(16, 0)))
                .toList();
    }

    private static List<double[]> boxes(Sketch sketch, Style style) {
        return sketch.marks().stream()
                .filter(mark -> mark instanceof Shape shape && shape.style() == style)
                .map(mark -> ((Shape) mark)
                        .points().stream().mapToDouble(Double::doubleValue).toArray())
                .toList();
    }

    @Test
    void whatIsMissingIsFilledInOverItsMinutesAsHighAsSoManyAdults() {
        Sketch drawn = StaffingDrawing.of(
                        Staffing.of(RULE, nineChildren(), List.of(adult("Tobias", 8, 16), adult("Hamish", 8, 12))))
                .orElseThrow();

        List<double[]> missing = boxes(drawn, Style.ACCENT);
        assertThat(missing).hasSize(1);
        // Four hours, a minute is one unit across; one adult.
        assertThat(missing.get(0)[2] - missing.get(0)[0]).isEqualTo(240);
        double high = missing.get(0)[5] - missing.get(0)[1];
        List<double[]> there = boxes(drawn, Style.FILL_3);
        assertThat(there.get(0)[5] - there.get(0)[1]).as("two in the morning").isEqualTo(2 * high);
        assertThat(there.get(1)[5] - there.get(1)[1]).as("one after noon").isEqualTo(high);
        assertThat(drawn.description()).contains("12:00", "16:00");
        assertThat(drawn.marks())
                .filteredOn(mark -> mark instanceof Label)
                .extracting(mark -> ((Label) mark).text())
                .contains("Tobias", "Hamish", "09:00");
    }

    @Test
    void nothingIsFilledInWhereThereAreEnough() {
        Sketch drawn = StaffingDrawing.of(
                        Staffing.of(RULE, nineChildren(), List.of(adult("Tobias", 8, 16), adult("Hamish", 8, 16))))
                .orElseThrow();

        assertThat(boxes(drawn, Style.ACCENT)).isEmpty();
        assertThat(drawn.description()).contains("Enough");
    }

    @Test
    void aDayOnWhichNobodyIsListedIsNotDrawn() {
        assertThat(StaffingDrawing.of(Staffing.of(RULE, List.of(), List.of()))).isEmpty();
    }
}
