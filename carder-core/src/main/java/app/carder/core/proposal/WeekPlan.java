package app.carder.core.proposal;

import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.said.Said;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * A week that was found: which card stands where, why, and what was given up for it.
 *
 * @param placed filled slots, by day, session and zone
 * @param givenUp what the week lacks, in sentences
 * @param score what it is worth
 */
public record WeekPlan(List<Placed> placed, List<Said> givenUp, WeekScore score) {

    /** Keeps its own copies. */
    public WeekPlan {
        placed = List.copyOf(placed);
        givenUp = List.copyOf(givenUp);
    }

    /**
     * A filled slot.
     *
     * @param slot where and when
     * @param cardId which card
     * @param because why it is there, in short phrases
     */
    public record Placed(Slot slot, String cardId, List<Said> because) {
        /** Keeps its own copy. */
        public Placed {
            because = List.copyOf(because);
        }
    }

    /** Explains a week. */
    public static WeekPlan of(WeekProblem problem, Map<Slot, String> week) {
        Reasons reasons = new Reasons(problem, week);
        List<Placed> placed = week.entrySet().stream()
                .sorted(Map.Entry.comparingByKey(Comparator.comparingInt(Slot::day)
                        .thenComparingInt(Slot::session)
                        .thenComparingInt(Slot::zone)))
                .map(one -> new Placed(one.getKey(), one.getValue(), reasons.because(one.getKey())))
                .toList();
        return new WeekPlan(placed, reasons.givenUp(), WeekScore.of(problem, week));
    }
}
