package app.carder.core.calculation;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.said.Said;
import java.util.List;
import org.junit.jupiter.api.Test;

class CalculationTest {

    private static final Source TABLE = Source.fromMemory("A handbook table");

    @Test
    void keepsInputsAndStepsInOrderAndEachSourceOnce() {
        Calculation calculation = Calculation.asking("How much?")
                .given("Depth", "4 cm")
                .from(TABLE)
                .step("V = a x b", "2 x 3", "6")
                .step("m = V x d", "6 x 2", "12")
                .from(TABLE)
                .close();

        assertThat(calculation.inputs()).extracting(Calculation.Figure::name).containsExactly("Depth");
        assertThat(calculation.steps()).extracting(Calculation.Step::result).containsExactly("6", "12");
        assertThat(calculation.sources()).isEqualTo(List.of(TABLE));
    }

    @Test
    void saysHowFarASourceCanBeReliedOnAndNotTwice() {
        assertThat(TABLE.forPeople())
                .isEqualTo("A handbook table (from memory of the source: check before you rely on it)");
        assertThat(Source.commonPractice(Said.typed("Common practice; measure your own"))
                        .forPeople())
                .isEqualTo("Common practice; measure your own");
        assertThat(Source.derived(Said.typed("geometry")).forPeople()).isEqualTo("geometry (worked out)");
        assertThat(Source.entered(Said.typed("pack")).forPeople()).isEqualTo("pack (entered in your setting)");
    }
}
