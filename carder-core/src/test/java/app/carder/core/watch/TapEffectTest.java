package app.carder.core.watch;

import static app.carder.core.watch.EpisodesTest.at;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.Episodes.Effect;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TapEffectTest {

    /** A tap every twenty seconds; a kind with an exclamation mark comes two seconds after the one before it. */
    private static List<PlayEvent> taps(String kinds) {
        List<PlayEvent> taps = new ArrayList<>();
        int second = 0;
        for (String kind : kinds.split(" ")) {
            second += kind.endsWith("!") ? 2 : 20;
            taps.add(new PlayEvent(at(second), PlayKind.valueOf(kind.replace("!", ""))));
        }
        return taps;
    }

    @ParameterizedTest
    @CsvSource({
        "CHOSE, COUNTS",
        "CHOSE ENGAGED, PLAYS_ALREADY",
        "CHOSE WENT_BACK, PLAYS_ALREADY",
        "CHOSE REPEATED, COUNTS",
        "CHOSE CHOSE!, SAME_TAP",
        "CHOSE REPEATED REPEATED!, SAME_TAP",
        "CHOSE LOOKED_UP, COUNTS",
        "CHOSE TALKED, COUNTS",
        "CHOSE POURED_OUT, COUNTS",
        "TALKED, NOTHING_BEGUN",
        "LOOKED_UP, NOTHING_BEGUN",
        "LEFT, NOTHING_BEGUN",
        "ADULT_BROKE_IN, NOTHING_BEGUN",
        "CHOSE ADULT_BROKE_IN, COUNTS",
        "CHOSE ADULT_BROKE_IN ADULT_BROKE_IN, BROKEN_ALREADY",
        "CHOSE ADULT_BROKE_IN CHILD_BROKE_IN, COUNTS",
        "CHOSE ADULT_BROKE_IN ENGAGED, COUNTS",
        "CHOSE FINISHED PUT_AWAY, COUNTS",
        "CHOSE LEFT PUT_AWAY, NOTHING_BEGUN",
        "INVITED ENGAGED, COUNTS",
        "INVITED LEFT, COUNTS",
        "ENGAGED, COUNTS"
    })
    void isToldOfTheLatestTap(String kinds, Effect effect) {
        assertThat(Episodes.ofLatest(taps(kinds))).isEqualTo(effect);
    }

    @Test
    void whatIsSaidToHaveNoneChangesNoFigure() {
        Random random = new Random(7);
        List<PlayKind> kinds = Arrays.asList(PlayKind.values());
        int without = 0;
        for (int record = 0; record < 500; record++) {
            List<PlayEvent> taps = new ArrayList<>();
            int second = 0;
            for (int tap = 0; tap < 12; tap++) {
                second += 1 + random.nextInt(40);
                taps.add(new PlayEvent(at(second), kinds.get(random.nextInt(kinds.size()))));
                if (Episodes.ofLatest(taps) != Effect.COUNTS) {
                    without++;
                    assertThat(Episodes.of(taps, at(second)))
                            .as("%s", taps)
                            .isEqualTo(Episodes.of(taps.subList(0, taps.size() - 1), at(second)));
                }
            }
        }
        assertThat(without).isGreaterThan(500);
    }
}
