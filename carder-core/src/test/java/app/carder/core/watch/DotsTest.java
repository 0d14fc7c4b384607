package app.carder.core.watch;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Round;
import app.carder.core.drawing.Sketch.Style;
import java.util.List;
import org.junit.jupiter.api.Test;

class DotsTest {

    @Test
    void aCountIsSoManyDotsInGroupsOfFiveAndRowsOfTwentyFive() {
        List<Round> dots = rounds(new Dots(27, 27).drawing("jars: 27"));

        assertThat(dots).hasSize(27).allSatisfy(dot -> assertThat(dot.style()).isEqualTo(Style.ACCENT));
        assertThat(dots.get(4).x() - dots.get(3).x())
                .as("within a group")
                .isLessThan(dots.get(5).x() - dots.get(4).x());
        assertThat(dots.get(25).x()).as("a second row").isEqualTo(dots.get(0).x());
        assertThat(dots.get(25).y()).isGreaterThan(dots.get(24).y());
    }

    @Test
    void whatWasTriedAndNotManagedIsPale() {
        assertThat(rounds(new Dots(4, 6).drawing("4 of 6")))
                .extracting(Round::style)
                .containsExactly(Style.ACCENT, Style.ACCENT, Style.ACCENT, Style.ACCENT, Style.FILL, Style.FILL);
    }

    @Test
    void nothingTooManyAndMoreThanAllAreNoDots() {
        assertThat(Dots.of(0)).isEmpty();
        assertThat(Dots.of(-2)).as("more strokes taken away than made").isEmpty();
        assertThat(Dots.of(Dots.MOST)).isPresent();
        assertThat(Dots.of(Dots.MOST + 1)).isEmpty();
        assertThat(Dots.of(7, 6)).isEmpty();
        assertThat(Dots.of(0, 6)).as("none of six").isPresent();
    }

    @Test
    void allDotsLieOnTheSheet() {
        for (int count = 1; count <= Dots.MOST; count++) {
            Sketch drawing = new Dots(count, count).drawing("");
            assertThat(rounds(drawing)).allSatisfy(dot -> {
                assertThat(dot.x() + dot.radius()).isLessThanOrEqualTo(drawing.width());
                assertThat(dot.y() + dot.radius()).isLessThanOrEqualTo(drawing.height());
            });
        }
    }

    private static List<Round> rounds(Sketch drawing) {
        return drawing.marks().stream().map(Round.class::cast).toList();
    }
}
