package app.carder.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.drawing.Handle;
import app.carder.core.drawing.Sketch;
import app.carder.core.measure.Length;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineTest {

    @Nested
    class OnTheFloor {
        @ParameterizedTest(name = "{0} months: {1} cm")
        @CsvSource({"24,30", "36,35", "48,40", "60,45", "12,25"})
        void takesTheUsualStepOfTheAge(int months, double centimetres) {
            assertThat(NumberLine.usualStep(months)).isEqualTo(cm(centimetres));
        }

        /** 11 marks 40 cm apart are 4 m; a zone of 6 m less half a metre at each end takes 13: one row. */
        @Test
        void laysTheLineInOneRowWhereItFits() {
            NumberLine line = NumberLine.of(11, cm(40), cm(600), cm(200));

            assertThat(line.total()).isEqualTo(cm(400));
            assertThat(line.rows()).isEqualTo(1);
        }

        @Test
        void theEndOfTheZoneIsPulledInQuartersOfAMetre() {
            NumberLine line = NumberLine.of(11, cm(40), cm(610), cm(200));

            Handle end = line.sketch()
                    .pulled("length", "zone", line.lengthPull())
                    .handles()
                    .get(0);

            assertThat(end.rests().value()).isEqualTo("600");
            assertThat(end.first().value()).isEqualTo("50");
            assertThat(end.stops().get(1).x() - end.first().x()).isEqualTo(25);
            assertThat(end.written()).startsWith("50,55.0,105.0 75,80.0,105.0 ");
        }

        /** 21 marks 40 cm apart in 3 m: (300 - 100) / 40 + 1 = 6 in a row, four rows, which two metres of width take. */
        @Test
        void foldsItThereAndBackWhereTheZoneIsShort() {
            NumberLine line = NumberLine.of(21, cm(40), cm(300), cm(200));

            assertThat(line.perRow()).isEqualTo(6);
            assertThat(line.rows()).isEqualTo(4);
            assertThat(line.fits()).isTrue();
        }

        @Test
        void saysWhenItDoesNotFit() {
            assertThat(NumberLine.of(21, cm(40), cm(300), cm(150)).fits()).isFalse();
            assertThat(NumberLine.of(3, cm(40), cm(90), cm(200)).fits()).isFalse();
        }

        @Test
        void keepsEveryMarkInsideTheZone() {
            NumberLine line = NumberLine.of(21, cm(40), cm(300), cm(200));

            long marks = line.sketch().marks().stream()
                    .filter(mark -> mark instanceof Sketch.Round)
                    .map(mark -> (Sketch.Round) mark)
                    .filter(round -> round.x() > 5 && round.x() < 305 && round.y() > 5 && round.y() < 205)
                    .count();
            assertThat(marks).isEqualTo(21);
        }

        @Test
        void refusesWhatIsNoLine() {
            assertThatThrownBy(() -> NumberLine.of(1, cm(40), cm(300), cm(200))).hasMessageContaining("2 to 101 marks");
            assertThatThrownBy(() -> NumberLine.of(5, Length.ZERO, cm(300), cm(200)))
                    .hasMessageContaining("spacing");
            assertThatThrownBy(() -> NumberLine.usualStep(6)).hasMessageContaining("12 to 96");
        }
    }

    @Nested
    class OnTheTray {
        private final List<String> six = List.of("jug", "funnel", "bottle", "cloth", "cup", "bowl");

        @Test
        void standsLeftToRightAroundTheMidline() {
            TrayLine line = TrayLine.of(six, cm(6), cm(60));

            assertThat(line.fits()).isTrue();
            assertThat(line.positions()).isSorted();
            assertThat(line.positions().stream().filter(at -> at.isMoreThan(line.midline())))
                    .hasSize(3);
            Length first = line.positions().get(0);
            Length last = line.positions().get(5);
            assertThat(first.plus(last).inMillimetres())
                    .as("even on both sides")
                    .isBetween(599.9, 600.1);
        }

        @Test
        void saysWhenFingersDoNotFitBetween() {
            assertThat(TrayLine.of(six, cm(9), cm(60)).fits()).isFalse();
            assertThatThrownBy(() -> TrayLine.of(List.of(), cm(9), cm(60))).hasMessageContaining("1 to 12 things");
        }
    }

    private static Length cm(double centimetres) {
        return Length.ofCentimetres(centimetres);
    }
}
