package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.week.Changeover.Kind;
import app.carder.core.week.Changeover.Step;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ChangeoverTest {

    private static final List<String> PLACES = List.of("tray", "rug", "shelf");

    @Test
    void tellsWhatStaysIsPutOutAndIsPutAway() {
        List<Step<String, String>> steps =
                steps(Map.of("tray", "rice", "rug", "drum"), Map.of("tray", "rice", "shelf", "jugs"));

        assertThat(steps).extracting(Step::place).containsExactly("tray", "rug", "shelf");
        assertThat(steps).extracting(Step::kind).containsExactly(Kind.STAYS, Kind.PUT_AWAY, Kind.PUT_OUT);
        assertThat(steps.get(1).card()).isEqualTo("drum");
    }

    @Test
    void namesWhatMakesWayForAnotherCard() {
        Step<String, String> step =
                steps(Map.of("tray", "rice"), Map.of("tray", "sand")).get(0);

        assertThat(step.kind()).isEqualTo(Kind.PUT_OUT);
        assertThat(step.card()).isEqualTo("sand");
        assertThat(step.away()).contains("rice");
    }

    @Test
    void aCardThatChangesItsPlaceMovesAndIsNeitherPutAwayNorFetched() {
        List<Step<String, String>> steps =
                steps(Map.of("tray", "rice", "rug", "drum"), Map.of("tray", "drum", "rug", "rice"));

        assertThat(steps).extracting(Step::kind).containsExactly(Kind.MOVES, Kind.MOVES);
        assertThat(steps.get(0).from()).contains("rug");
        assertThat(steps.get(0).away()).isEmpty();
    }

    @Test
    void oneOfTwoSetUpsOfACardMovesAtMostOnce() {
        List<Step<String, String>> steps = steps(Map.of("tray", "rice"), Map.of("rug", "rice", "shelf", "rice"));

        assertThat(steps).extracting(Step::kind).containsExactly(Kind.MOVES, Kind.PUT_OUT);
    }

    @Test
    void nothingAnywhereIsNothingToDo() {
        assertThat(steps(Map.of(), Map.of())).isEmpty();
    }

    private static List<Step<String, String>> steps(Map<String, String> before, Map<String, String> after) {
        return Changeover.of(PLACES, before, after).steps();
    }
}
