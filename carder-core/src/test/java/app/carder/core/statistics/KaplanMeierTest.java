package app.carder.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.statistics.KaplanMeier.Observed;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KaplanMeierTest {

    /** Weeks in remission, + cut off: Freireich et al. 1963, as in every textbook of survival; values from memory, computed again. */
    private static final KaplanMeier REMISSION =
            KaplanMeier.of(read("6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+"));

    private static List<Observed> read(String times) {
        return Arrays.stream(times.split(" "))
                .map(time -> new Observed(Double.parseDouble(time.replace("+", "")), time.endsWith("+")))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "6, 0.857143",
        "7, 0.806723",
        "10, 0.752941",
        "13, 0.690196",
        "16, 0.627451",
        "22, 0.537815",
        "23, 0.448179"
    })
    void givesThePublishedCurve(double time, double share) {
        assertThat(REMISSION.shareAfter(time)).isCloseTo(share, within(5e-7));
    }

    @Test
    void givesGreenwoodsErrorAndTheMedian() {
        assertThat(REMISSION.steps().get(0).error()).isCloseTo(0.076360, within(5e-7));
        assertThat(REMISSION.steps().get(REMISSION.steps().size() - 1).error()).isCloseTo(0.134591, within(5e-7));
        assertThat(REMISSION.median()).contains(23.0);
        assertThat(REMISSION.cutOff()).isEqualTo(12);
    }

    @Test
    void keepsItsIntervalWithinZeroAndOneAndAroundTheShare() {
        assertThat(REMISSION.steps()).allSatisfy(step -> {
            assertThat(step.low()).isBetween(0.0, step.share());
            assertThat(step.high()).isBetween(step.share(), 1.0);
        });
    }

    @Test
    void hasNoMedianWhereMostWentOn() {
        assertThat(KaplanMeier.of(read("5 6+ 7+ 8+")).median()).isEmpty();
        assertThat(KaplanMeier.of(List.of()).steps()).isEmpty();
        assertThat(KaplanMeier.of(read("3 3")).shareAfter(3)).isZero();
    }

    @Test
    void refusesATimeThatIsNone() {
        assertThatThrownBy(() -> KaplanMeier.of(List.of(new Observed(-1, false))))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
