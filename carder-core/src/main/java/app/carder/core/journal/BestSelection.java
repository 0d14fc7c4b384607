package app.carder.core.journal;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Branch and bound for {@link SelectionProblem}. What the rest can still add is bounded by a Lagrangian: for multipliers {@code m} of the
 * features and {@code p} of the room, no set is worth more than {@code sum over features of max over x of (w curve(x) - m x) + p room + sum
 * over items of max(0, m shares - p length)}, by weak duality (Geoffrion 1974, Mathematical Programming Study 2:82, from memory); the
 * multipliers are bettered by subgradient steps of Polyak's length (1969, from memory). An item that could not lift a set above the best
 * one that is known is fixed (reduced costs).
 *
 * <p>The search is cut off by the work that it did and not by a clock, so that the same record always gives the same journal.
 */
final class BestSelection {

    /** Steps through one item or feature; about two seconds on one core of 2020. */
    static final long MOST_WORK = 800_000_000;

    private static final int STEPS_AT_FIRST = 300;
    private static final int STEPS = 25;
    private static final double ENOUGH = Selection.SAME / 2;

    private enum State {
        FREE,
        IN,
        OUT
    }

    private final SelectionProblem problem;
    private final long mostWork;
    private final State[] state;
    private final double[] reduced;
    private final Integer[] order;
    private final boolean[] inBound;

    private boolean[] best;
    private double bestValue = -1;
    private double openBound;
    private long work;

    private BestSelection(SelectionProblem problem, long mostWork) {
        this.problem = problem;
        this.mostWork = mostWork;
        this.state = new State[problem.items()];
        this.reduced = new double[problem.items()];
        this.order = IntStream.range(0, problem.items()).boxed().toArray(Integer[]::new);
        this.inBound = new boolean[problem.items()];
        this.best = new boolean[problem.items()];
        Arrays.fill(state, State.FREE);
    }

    /**
     * What was found.
     *
     * @param items which are in
     * @param value of the set
     * @param bound that no set exceeds
     */
    record Found(boolean[] items, double value, double bound) {}

    /**
     * The best set, or the best that was found for the work.
     *
     * @param pinned items that are in whatever room they take
     */
    static Found of(SelectionProblem problem, int[] pinned, long mostWork) {
        BestSelection search = new BestSelection(problem, mostWork);
        for (int item : pinned) {
            search.state[item] = State.IN;
        }
        double[] multipliers = search.fromGreedy();
        search.openBound = search.bestValue;
        search.branch(multipliers, STEPS_AT_FIRST);
        return new Found(search.best, search.bestValue, Math.max(search.openBound, search.bestValue));
    }

    /** Takes what adds most for its room, again and again; the slopes there are the first multipliers. */
    private double[] fromGreedy() {
        double[] shares = complete();
        double[] multipliers = new double[shares.length];
        for (int feature = 0; feature < shares.length; feature++) {
            multipliers[feature] =
                    problem.weights()[feature] * SelectionProblem.slope((int) Math.max(0, shares[feature] - .5));
        }
        return multipliers;
    }

    /** The items that are in, filled up by what adds most for its room; kept where it is the best so far. */
    private double[] complete() {
        boolean[] in = new boolean[problem.items()];
        double[] shares = new double[problem.weights().length];
        int room = problem.room();
        for (int item = 0; item < in.length; item++) {
            if (state[item] == State.IN) {
                in[item] = true;
                problem.add(item, shares, 1);
                room -= problem.lengths()[item];
            }
        }
        while (true) {
            int next = -1;
            double most = ENOUGH;
            for (int item = 0; item < in.length; item++) {
                if (!in[item] && state[item] == State.FREE && problem.lengths()[item] <= room) {
                    double gain = problem.gain(item, shares) / problem.lengths()[item];
                    if (gain > most + ENOUGH) {
                        most = gain;
                        next = item;
                    }
                }
            }
            work += (long) in.length * 4;
            if (next < 0) {
                break;
            }
            in[next] = true;
            problem.add(next, shares, 1);
            room -= problem.lengths()[next];
        }
        keep(in, problem.value(shares));
        return shares;
    }

    private void keep(boolean[] in, double value) {
        if (value > bestValue + ENOUGH) {
            bestValue = value;
            best = in.clone();
        }
    }

    private void branch(double[] from, int steps) {
        double[] multipliers = from.clone();
        State[] before = state.clone();
        double bound = tighten(multipliers, steps);
        if (bound <= bestValue + ENOUGH) {
            restore(before);
            return;
        }
        if (work > mostWork) {
            openBound = Math.max(openBound, bound);
            restore(before);
            return;
        }
        complete();
        int item = undecided();
        if (item >= 0) {
            state[item] = State.IN;
            branch(multipliers, STEPS);
            state[item] = State.OUT;
            branch(multipliers, STEPS);
        }
        restore(before);
    }

    private void restore(State[] before) {
        System.arraycopy(before, 0, state, 0, state.length);
    }

    /** The free item of the bound's own set that matters most. */
    private int undecided() {
        int found = -1;
        for (int item = 0; item < state.length; item++) {
            if (state[item] == State.FREE
                    && (found < 0
                            || inBound[item] && !inBound[found]
                            || inBound[item] == inBound[found] && reduced[item] > reduced[found])) {
                found = item;
            }
        }
        return found;
    }

    /** Lowers the bound step by step and fixes what cannot matter; afterwards the multipliers are the best that were met. */
    private double tighten(double[] multipliers, int steps) {
        double[] tried = multipliers.clone();
        double[] slope = new double[tried.length];
        double lowest = Double.POSITIVE_INFINITY;
        double pace = 1;
        int idle = 0;
        for (int step = 0; step < steps; step++) {
            double bound = bound(tried, slope);
            if (bound < lowest - ENOUGH) {
                lowest = bound;
                System.arraycopy(tried, 0, multipliers, 0, tried.length);
                idle = 0;
            } else if (++idle >= 6) {
                pace /= 2;
                idle = 0;
                System.arraycopy(multipliers, 0, tried, 0, tried.length);
            }
            if (bound <= bestValue + ENOUGH) {
                return bound;
            }
            if (fix(bound)) {
                step = Math.min(step, steps - 3);
            }
            double length = 0;
            for (double one : slope) {
                length += one * one;
            }
            if (length < ENOUGH || work > mostWork) {
                break;
            }
            double far = pace * (bound - bestValue) / length;
            for (int feature = 0; feature < tried.length; feature++) {
                tried[feature] = Math.max(0, tried[feature] - far * slope[feature]);
            }
        }
        bound(multipliers, slope);
        return lowest;
    }

    /** What no set with these multipliers exceeds; leaves the reduced costs of the items and the slope of the bound behind. */
    private double bound(double[] multipliers, double[] slope) {
        double bound = 0;
        for (int feature = 0; feature < multipliers.length; feature++) {
            double weight = problem.weights()[feature];
            int whole = 0;
            for (; weight * SelectionProblem.slope(whole) > multipliers[feature] && whole < problem.items(); whole++) {
                bound += weight * SelectionProblem.slope(whole) - multipliers[feature];
            }
            slope[feature] = -whole;
        }
        int room = problem.room();
        int free = 0;
        for (int item = 0; item < state.length; item++) {
            inBound[item] = state[item] == State.IN;
            if (state[item] == State.OUT) {
                continue;
            }
            double worth = 0;
            for (int i = 0; i < problem.features()[item].length; i++) {
                worth += multipliers[problem.features()[item][i]] * problem.share()[item][i];
            }
            reduced[item] = worth;
            if (state[item] == State.IN) {
                bound += worth;
                room -= problem.lengths()[item];
                problem.add(item, slope, 1);
            } else {
                order[free++] = item;
            }
        }
        work += multipliers.length * 2L + state.length * 12L;
        Arrays.sort(
                order,
                0,
                free,
                Comparator.comparingDouble((Integer item) -> -reduced[item] / problem.lengths()[item])
                        .thenComparingInt(item -> item));
        double price = 0;
        for (int i = 0; i < free && room > 0; i++) {
            int item = order[i];
            double part = Math.min(1, room / (double) problem.lengths()[item]);
            bound += part * reduced[item];
            room -= problem.lengths()[item];
            inBound[item] = part == 1;
            for (int k = 0; k < problem.features()[item].length; k++) {
                slope[problem.features()[item][k]] += part * problem.share()[item][k];
            }
            price = room <= 0 ? reduced[item] / problem.lengths()[item] : 0;
        }
        for (int i = 0; i < free; i++) {
            reduced[order[i]] -= price * problem.lengths()[order[i]];
        }
        return bound;
    }

    /** Whether an item could be fixed: with the other decision on it, the bound falls to what is known already. */
    private boolean fix(double bound) {
        boolean fixed = false;
        int room = problem.room();
        for (int item = 0; item < state.length; item++) {
            room -= state[item] == State.IN ? problem.lengths()[item] : 0;
        }
        for (int item = 0; item < state.length; item++) {
            if (state[item] != State.FREE) {
                continue;
            }
            if (problem.lengths()[item] > room || !inBound[item] && bound + reduced[item] <= bestValue + ENOUGH) {
                state[item] = State.OUT;
                fixed = true;
            } else if (inBound[item] && bound - reduced[item] <= bestValue + ENOUGH) {
                state[item] = State.IN;
                room -= problem.lengths()[item];
                fixed = true;
            }
        }
        return fixed;
    }
}
