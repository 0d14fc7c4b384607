package app.carder.core.journal;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What was chosen, and how sure that is.
 *
 * @param chosen in the order of time
 * @param value of the objective
 * @param bound no selection of this length has a higher value than this
 * @param quarters how much room the chosen ones take, in quarters of a page; above what was asked for only where pinned ones take more
 */
public record Selection(List<Choice> chosen, double value, double bound, int quarters) {

    /** Two values that differ by no more are the same. */
    static final double SAME = 1e-7;

    /** Keeps its own copy. */
    public Selection {
        chosen = List.copyOf(chosen);
    }

    /**
     * One chosen entry.
     *
     * @param candidate what was chosen
     * @param lost what the objective would lose without it
     * @param only what it alone shows of all that were chosen; empty where the others show all of it too
     */
    public record Choice(Candidate candidate, double lost, List<Only> only) {

        /** Keeps its own copy. */
        public Choice {
            only = List.copyOf(only);
        }
    }

    /**
     * What one entry alone shows.
     *
     * @param facet in what
     * @param values which, sorted
     */
    public record Only(Facet facet, List<String> values) {}

    /** Whether it is proven that nothing better exists. */
    public boolean isBest() {
        return bound - value <= SAME;
    }

    /** How far it can be from the best at most, in hundredths of the best, from 0. */
    public double farAtMostPercent() {
        return isBest() ? 0 : 100 * (bound - value) / bound;
    }

    /** Those that were chosen here and not there. */
    public List<Candidate> without(Selection another) {
        Set<String> there = ids(another.chosen);
        return chosen.stream()
                .map(Choice::candidate)
                .filter(one -> !there.contains(one.id()))
                .toList();
    }

    private static Set<String> ids(Collection<Choice> choices) {
        return choices.stream().map(choice -> choice.candidate().id()).collect(Collectors.toSet());
    }
}
