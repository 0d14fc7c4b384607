package app.carder.core.lineup;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A race along a line with a die: how many rounds it takes and how long, exact by dynamic programming over the squares that are
 * left. With {@code p_t(n)} the chance that n squares are left after t turns, each turn moves {@code 1/m} of it by each face
 * from 1 to m. A throw beyond the end brings the piece home, or is not played where the end must be met exactly.
 *
 * <p>Checked against {@code E(n) = 1 + (1/m) sum E(max(0, n-i))}: one die and ten squares, overshoot allowed, 33495175/10077696 =
 * 3.323694 turns; exact landing 1639/216 = 7.587963 turns.
 *
 * <p>A round is one turn of everybody who still plays. Time is counted in throws: who is home no longer throws, and where the first one
 * home ends the game, those behind in that round do not throw either. With h_t the chance that one piece is home after t turns, the
 * game of k players until everybody is home takes {@code k sum (1 - h_t)} throws on average; until the first is home the j-th player's
 * throw of round t happens with the chance {@code (1 - h_t)^(j-1) (1 - h_(t-1))^(k-j+1)}.
 *
 * @param rules of the game
 * @param home chance that one piece is home after 1, 2, 3 … turns, until less than a billionth is still under way
 * @param rounds expected until the game is over
 * @param throwsInAll expected throws of all players together
 * @param ninetieth rounds by which nine games of ten are over
 * @param expected time of an average game
 * @param ninetiethTime time by which nine games of ten are over
 * @param calculation how it was found
 */
public record DiceGame(
        Rules rules,
        List<Double> home,
        double rounds,
        double throwsInAll,
        int ninetieth,
        Duration expected,
        Duration ninetiethTime,
        Calculation calculation) {

    private static final double STILL_UNDER_WAY = 1e-9;
    private static final int MOST_TURNS = 20_000;

    /** Keeps its own copy. */
    public DiceGame {
        home = List.copyOf(home);
    }

    /** What happens with a throw that is larger than the squares left. */
    public enum Landing {
        /** The piece comes home. */
        OVERSHOOT_ALLOWED,
        /** The piece stays where it is. */
        EXACT;

        /** What it is called. */
        public Said said() {
            return Said.of("dice-landing." + name());
        }

        /** For people. */
        public String words() {
            return said().words();
        }
    }

    /** When the game is over. */
    public enum Ending {
        /** As soon as one is home. */
        FIRST_HOME,
        /** When everybody is home. */
        ALL_HOME;

        /** What it is called. */
        public Said said() {
            return Said.of("dice-ending." + name());
        }

        /** For people. */
        public String words() {
            return said().words();
        }
    }

    /**
     * The rules.
     *
     * @param squares from start to home, 1 to 200
     * @param faces of the die, 2 to 20, each as likely
     * @param landing what a larger throw does
     * @param players 1 to 8
     * @param ending when it is over
     * @param secondsPerTurn of one player, 1 to 300
     */
    public record Rules(int squares, int faces, Landing landing, int players, Ending ending, int secondsPerTurn) {
        /**
         * Refuses what is no game.
         *
         * @throws IllegalArgumentException if a number is out of its range
         */
        public Rules {
            require(Said.say("working.squares"), squares, 1, 200);
            require(Said.say("working.faces"), faces, 2, 20);
            require(Said.say("working.players"), players, 1, 8);
            require(Said.say("working.seconds-per-turn"), secondsPerTurn, 1, 300);
        }

        private static void require(String thing, int number, int least, int most) {
            if (number < least || number > most) {
                throw Refused.because("refused.dice-game.must-be-from", thing, least, most, number);
            }
        }
    }

    /** Plays every possible game at once. */
    public static DiceGame of(Rules rules) {
        double[] left = new double[rules.squares() + 1];
        left[rules.squares()] = 1;
        List<Double> home = new ArrayList<>();
        while (1 - left[0] > STILL_UNDER_WAY && home.size() < MOST_TURNS) {
            left = turn(left, rules);
            home.add(left[0]);
        }
        double expected = 0;
        int ninetieth = 0;
        double over = 0;
        for (int turn = 0; turn < home.size(); turn++) {
            expected += 1 - over;
            over = over(home.get(turn), rules);
            if (ninetieth == 0 && over >= 0.9) {
                ninetieth = turn + 1;
            }
        }
        double[] overAfter = rules.ending() == Ending.ALL_HOME ? allHome(home, rules) : firstHome(home, rules);
        double throwsInAll = 0;
        int lateThrows = overAfter.length;
        for (int after = 0; after < overAfter.length; after++) {
            throwsInAll += 1 - overAfter[after];
            if (overAfter[after] >= 0.9 && lateThrows == overAfter.length) {
                lateThrows = after;
            }
        }
        Duration average = Duration.ofSeconds(Math.round(throwsInAll * rules.secondsPerTurn()));
        Duration late = Duration.ofSeconds((long) lateThrows * rules.secondsPerTurn());
        return new DiceGame(
                rules,
                home,
                expected,
                throwsInAll,
                ninetieth,
                average,
                late,
                calculation(rules, expected, throwsInAll, ninetieth, average, late));
    }

    /** The chance that everybody is home after so many throws: the sum of what each one takes. */
    private static double[] allHome(List<Double> home, Rules rules) {
        double[] one = new double[home.size() + 1];
        for (int turn = 1; turn <= home.size(); turn++) {
            one[turn] = home.get(turn - 1) - (turn > 1 ? home.get(turn - 2) : 0);
        }
        double[] all = {1};
        for (int player = 0; player < rules.players(); player++) {
            double[] next = new double[all.length + one.length - 1];
            for (int before = 0; before < all.length; before++) {
                if (all[before] > 0) {
                    for (int turn = 1; turn < one.length; turn++) {
                        next[before + turn] += all[before] * one[turn];
                    }
                }
            }
            all = next;
        }
        return summed(all);
    }

    /** The chance that somebody is home after so many throws, taken in turns. */
    private static double[] firstHome(List<Double> home, Rules rules) {
        double[] ends = new double[home.size() * rules.players() + 1];
        double before = 0;
        int thrown = 0;
        for (double now : home) {
            for (int player = 1; player <= rules.players(); player++) {
                thrown++;
                double happens = Math.pow(1 - now, player - 1.0) * Math.pow(1 - before, rules.players() - player + 1.0);
                ends[thrown] = before < 1 ? happens * (now - before) / (1 - before) : 0;
            }
            before = now;
        }
        return summed(ends);
    }

    private static double[] summed(double[] chance) {
        double sum = 0;
        double[] summed = new double[chance.length];
        for (int at = 0; at < chance.length; at++) {
            sum += chance[at];
            summed[at] = sum;
        }
        return summed;
    }

    /** Whether nine games of ten are over within so much attention. */
    public boolean fitsWithin(Duration attention) {
        return ninetiethTime.compareTo(attention) <= 0;
    }

    /** Chance that the game ends in each round, as bars. */
    public Sketch sketch() {
        Sheet sheet = new Sheet();
        int shown = Math.min(home.size(), Math.max(ninetieth + 4, 8));
        double before = 0;
        for (int turn = 0; turn < shown; turn++) {
            double now = over(home.get(turn), rules);
            double height = (now - before) * 120;
            before = now;
            double x = 10 + turn * 14;
            sheet.box(x, 90 - height, 10, height, turn + 1 <= ninetieth ? Style.FILL : Style.GHOST);
            if (shown <= 16 || turn % 5 == 4 || turn == 0) {
                sheet.label(x + 5, 98, 6, Integer.toString(turn + 1));
            }
        }
        sheet.line(6, 90, 14 + shown * 14, 90, Style.WALL);
        return sheet.done(
                20 + shown * 14,
                104,
                Said.say("working.in-which-round-it-ends"),
                Said.say("working.on-average-after-rounds-nine-games", rounds, ninetieth));
    }

    private static double[] turn(double[] left, Rules rules) {
        double[] next = new double[left.length];
        next[0] = left[0];
        for (int squares = 1; squares < left.length; squares++) {
            if (left[squares] == 0) {
                continue;
            }
            double share = left[squares] / rules.faces();
            for (int face = 1; face <= rules.faces(); face++) {
                int after = squares - face;
                if (after < 0) {
                    after = rules.landing() == Landing.EXACT ? squares : 0;
                }
                next[after] += share;
            }
        }
        return next;
    }

    private static double over(double oneHome, Rules rules) {
        return rules.ending() == Ending.ALL_HOME
                ? Math.pow(oneHome, rules.players())
                : 1 - Math.pow(1 - oneHome, rules.players());
    }

    private static Calculation calculation(
            Rules rules, double expected, double throwsInAll, int ninetieth, Duration average, Duration late) {
        return Calculation.asking(Said.say("working.how-long-does-the-game-take"))
                .given(Said.say("working.squares"), Integer.toString(rules.squares()))
                .given(Said.say("working.die"), Said.say("working.faces-2", rules.faces()))
                .given(Said.say("working.at-the-end"), rules.landing().words())
                .given(Said.say("working.over"), rules.ending().words())
                .given(Said.say("working.players"), Integer.toString(rules.players()))
                .step(
                        Said.say("working.chances-of-every-square-after-every"),
                        Said.say("working.squares-faces", rules.squares(), rules.faces()),
                        Said.say("working.rounds", expected))
                .step(
                        Said.say("working.nine-games-of-ten-are-over"),
                        Said.say("working.first-round-with-a-chance-of"),
                        Said.say("working.rounds-2", ninetieth))
                .step(
                        Said.say("working.throws-of-all-players-who-is"),
                        Said.say("working.players-2", rules.players()),
                        Said.say("working.throws", throwsInAll))
                .step(
                        Said.say("working.time-throws-seconds"),
                        String.format(Locale.ROOT, "%.2f × %d s", throwsInAll, rules.secondsPerTurn()),
                        Said.say("working.nine-of-ten-within", minutes(average), minutes(late)))
                .from(Source.derived(Said.of("source.exact-dynamic-programming")))
                .close();
    }

    /** For people: minutes and seconds. */
    public static String minutes(Duration time) {
        return String.format(Locale.ROOT, "%d:%02d\u00a0min", time.toMinutes(), time.toSecondsPart());
    }
}
