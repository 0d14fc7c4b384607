package app.carder.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.lineup.DiceGame.Ending;
import app.carder.core.lineup.DiceGame.Landing;
import app.carder.core.lineup.DiceGame.Rules;
import java.time.Duration;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DiceGameTest {

    /** E(n) = 1 + (1/m) sum E(max(0, n-i)), exactly: E(10) = 33495175/10077696; (7/6)^(n-1) up to 6; exact landing 1639/216. */
    @ParameterizedTest(name = "{0} squares, {1} faces, {2}: {3}")
    @CsvSource({
        "1,6,OVERSHOOT_ALLOWED,1",
        "6,6,OVERSHOOT_ALLOWED,2.161394",
        "10,6,OVERSHOOT_ALLOWED,3.323694",
        "20,6,OVERSHOOT_ALLOWED,6.190195",
        "10,2,OVERSHOOT_ALLOWED,6.888672",
        "10,3,OVERSHOOT_ALLOWED,5.334756",
        "6,6,EXACT,6",
        "7,6,EXACT,7",
        "8,6,EXACT,7.166667",
        "10,6,EXACT,7.587963",
        "10,2,EXACT,7.554688",
        "10,3,EXACT,6.840878"
    })
    void agreesWithTheRecurrence(int squares, int faces, Landing landing, double turns) {
        assertThat(alone(squares, faces, landing).rounds()).isCloseTo(turns, Offset.offset(1e-5));
    }

    /** Chance to be home with one die on ten squares after 2 to 8 throws, from the same derivation. */
    @Test
    void agreesWithTheWholeDistribution() {
        double[] ends = {0, .166667, .458333, .277778, .081019, .014403, .001672, .000123};
        DiceGame game = alone(10, 6, Landing.OVERSHOOT_ALLOWED);

        double before = 0;
        for (int turn = 0; turn < ends.length; turn++) {
            assertThat(game.home().get(turn) - before).isCloseTo(ends[turn], Offset.offset(1e-6));
            before = game.home().get(turn);
        }
        assertThat(game.ninetieth()).isEqualTo(4);
    }

    /** A slow, obvious second way: play 40 000 games. */
    @ParameterizedTest
    @CsvSource({"FIRST_HOME,3", "ALL_HOME,3"})
    void agreesWithGamesThatArePlayed(Ending ending, int players) {
        Random seeded = new Random(5);
        long rounds = 0;
        int games = 40_000;
        for (int game = 0; game < games; game++) {
            int most = 0;
            int least = Integer.MAX_VALUE;
            for (int player = 0; player < players; player++) {
                int turns = 0;
                for (int left = 15; left > 0; left -= 1 + seeded.nextInt(6)) {
                    turns++;
                }
                most = Math.max(most, turns);
                least = Math.min(least, turns);
            }
            rounds += ending == Ending.ALL_HOME ? most : least;
        }

        DiceGame exact = DiceGame.of(new Rules(15, 6, Landing.OVERSHOOT_ALLOWED, players, ending, 20));

        assertThat(exact.rounds()).isCloseTo((double) rounds / games, Offset.offset(0.03));
    }

    @Test
    void tellsWhetherItFitsTheAttentionThereIs() {
        DiceGame game = DiceGame.of(new Rules(10, 6, Landing.OVERSHOOT_ALLOWED, 4, Ending.FIRST_HOME, 20));

        // Four players take at most four throws a round; who is home no longer throws.
        assertThat(game.ninetiethTime()).isLessThanOrEqualTo(Duration.ofSeconds(game.ninetieth() * 80L));
        assertThat(game.fitsWithin(Duration.ofMinutes(6))).isTrue();
        assertThat(game.fitsWithin(Duration.ofMinutes(2))).isFalse();
        assertThat(game.sketch().description()).contains("nine games out of ten");
    }

    @Test
    void everybodyHomeTakesLongerThanTheFirst() {
        for (int players = 2; players <= 6; players++) {
            double first = DiceGame.of(new Rules(20, 6, Landing.EXACT, players, Ending.FIRST_HOME, 10))
                    .rounds();
            double all = DiceGame.of(new Rules(20, 6, Landing.EXACT, players, Ending.ALL_HOME, 10))
                    .rounds();

            assertThat(all).isGreaterThan(first);
        }
    }

    @Test
    void refusesWhatIsNoGame() {
        assertThatThrownBy(() -> alone(0, 6, Landing.EXACT)).hasMessageContaining("Squares must be from 1 to 200");
        assertThatThrownBy(() -> alone(10, 1, Landing.EXACT)).hasMessageContaining("Faces");
    }

    private static DiceGame alone(int squares, int faces, Landing landing) {
        return DiceGame.of(new Rules(squares, faces, landing, 1, Ending.ALL_HOME, 15));
    }

    /** Against twenty thousand played games: whoever is home no longer throws. */
    @ParameterizedTest
    @CsvSource({"FIRST_HOME, OVERSHOOT_ALLOWED", "ALL_HOME, OVERSHOOT_ALLOWED", "FIRST_HOME, EXACT", "ALL_HOME, EXACT"})
    void countsOnlyTheThrowsThatAreThrown(DiceGame.Ending ending, DiceGame.Landing landing) {
        DiceGame game = DiceGame.of(new DiceGame.Rules(10, 6, landing, 3, ending, 20));
        java.util.Random random = new java.util.Random(4);
        int[] throwsOf = new int[20_000];
        for (int played = 0; played < throwsOf.length; played++) {
            int[] left = {10, 10, 10};
            int home = 0;
            boolean over = false;
            while (!over) {
                for (int player = 0; player < 3 && !over; player++) {
                    if (left[player] == 0) {
                        continue;
                    }
                    throwsOf[played]++;
                    int face = 1 + random.nextInt(6);
                    if (face <= left[player]) {
                        left[player] -= face;
                    } else if (landing == DiceGame.Landing.OVERSHOOT_ALLOWED) {
                        left[player] = 0;
                    }
                    home += left[player] == 0 ? 1 : 0;
                    over = ending == DiceGame.Ending.FIRST_HOME ? home > 0 : home == 3;
                }
            }
        }
        double mean = java.util.Arrays.stream(throwsOf).average().orElseThrow();
        java.util.Arrays.sort(throwsOf);

        assertThat(game.throwsInAll()).isCloseTo(mean, org.assertj.core.api.Assertions.within(0.25));
        assertThat(game.ninetiethTime().toSeconds() / 20.0)
                .isCloseTo(throwsOf[(int) (0.9 * throwsOf.length)], org.assertj.core.api.Assertions.within(1.0));
    }

    /** One player of one die over ten squares: 3.323694 turns, as in the figures; two until both are home take twice that. */
    @Test
    void everybodyHomeTakesThePlayersTimesOne() {
        assertThat(DiceGame.of(new DiceGame.Rules(
                                10, 6, DiceGame.Landing.OVERSHOOT_ALLOWED, 2, DiceGame.Ending.ALL_HOME, 20))
                        .throwsInAll())
                .isCloseTo(2 * 3.323694, org.assertj.core.api.Assertions.within(1e-5));
    }
}
