package app.carder.core.proposal;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import app.carder.core.framework.Sense;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A week as the solver changes it. Public only because the solver asks for it. */
@PlanningSolution
public class WeekSolution {

    @ProblemFactCollectionProperty
    private List<DayFact> days = List.of();

    @ProblemFactCollectionProperty
    private List<SessionFact> sessions = List.of();

    @ProblemFactCollectionProperty
    private List<StockFact> stock = List.of();

    @ProblemFactCollectionProperty
    private List<Target> targets = List.of();

    @ProblemFactCollectionProperty
    private List<ChildFact> children = List.of();

    @ProblemFactCollectionProperty
    private List<FreshFact> fresh = List.of();

    @PlanningEntityCollectionProperty
    private List<SlotDecision> slots = List.of();

    @PlanningScore
    private @Nullable HardSoftLongScore score;

    /** For the solver. */
    public WeekSolution() {}

    /** Minutes on the evening before a day. */
    record DayFact(int day, int preparationMinutes) {}

    /** Quarters of adults in a session. */
    record SessionFact(int day, int session, int adultParts) {}

    /** What there is of a material. */
    record StockFact(String material, long amount) {}

    /** How often an area or a sense should come. */
    record Target(Object what, int target, int weight) {}

    /** A child with interests, and how often they were met in the weeks before. */
    record ChildFact(String id, int served) {}

    /** A new card, and where it could stand. */
    record FreshFact(Offer offer, Set<WeekProblem.Slot> slots) {}

    WeekSolution(WeekProblem problem) {
        List<DayFact> dayFacts = new ArrayList<>();
        List<SessionFact> sessionFacts = new ArrayList<>();
        for (int day = 0; day < problem.days().size(); day++) {
            WeekProblem.Day asked = problem.days().get(day);
            dayFacts.add(new DayFact(day, asked.preparationMinutes()));
            for (int session = 0; session < asked.sessions().size(); session++) {
                sessionFacts.add(new SessionFact(
                        day, session, asked.sessions().get(session).adults() * AdultLoad.PARTS_OF_AN_ADULT));
            }
        }
        days = dayFacts;
        sessions = sessionFacts;
        stock = problem.stock().entrySet().stream()
                .map(one -> new StockFact(one.getKey(), one.getValue()))
                .toList();
        targets = targets(problem);
        children = problem.served().entrySet().stream()
                .map(one -> new ChildFact(one.getKey(), one.getValue()))
                .toList();
        fresh = problem.fresh().stream()
                .map(offer -> new FreshFact(
                        offer,
                        problem.slots().stream()
                                .filter(slot -> problem.fits(offer, slot))
                                .collect(Collectors.toSet())))
                .toList();
        Map<String, Offer> byId = problem.byId();
        List<SlotDecision> decisions = new ArrayList<>();
        for (WeekProblem.Slot slot : problem.slots()) {
            String pin = problem.pins().get(slot);
            decisions.add(new SlotDecision(
                    decisions.size(),
                    slot,
                    problem.offers().stream()
                            .filter(offer -> problem.fits(offer, slot))
                            .toList(),
                    pin != null,
                    pin == null ? null : byId.get(pin)));
        }
        slots = decisions;
    }

    private static List<Target> targets(WeekProblem problem) {
        List<Target> targets = new ArrayList<>();
        int areaTarget =
                Weights.areaTarget(problem.slots().size(), problem.areas().size());
        problem.areas().keySet().forEach(area -> targets.add(new Target(area, areaTarget, Weights.AREA)));
        int senseTarget = Weights.senseTarget(problem.slots().size(), Sense.values().length);
        for (Sense sense : Sense.values()) {
            targets.add(new Target(sense, senseTarget, Weights.SENSE));
        }
        return targets;
    }

    List<SlotDecision> slots() {
        return slots;
    }

    HardSoftLongScore score() {
        return score == null ? HardSoftLongScore.ZERO : score;
    }
}
