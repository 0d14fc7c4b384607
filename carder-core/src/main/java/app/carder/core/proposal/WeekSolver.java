package app.carder.core.proposal;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.ChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.SwapMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import app.carder.core.proposal.WeekProblem.Slot;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * Fills a week. Cards are put in one by one, then moved and swapped as long as the week gets better (simulated annealing, by
 * Timefold's solver). What comes out keeps every rule that must hold; that nothing better exists is not proven, and for small weeks the tests
 * compare with all weeks there are.
 */
public final class WeekSolver {

    /** How long one solve takes. */
    public static final Duration USUAL_LIMIT = Duration.ofMillis(2000);

    private final Solver<WeekSolution> solver;
    private final WeekProblem problem;

    private WeekSolver(WeekProblem problem, TerminationConfig end) {
        this.problem = problem;
        this.solver = SolverFactory.<WeekSolution>create(new SolverConfig()
                        .withSolutionClass(WeekSolution.class)
                        .withEntityClasses(SlotDecision.class)
                        .withConstraintProviderClass(WeekConstraints.class)
                        .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                        .withRandomSeed(7L)
                        .withPhases(new ConstructionHeuristicPhaseConfig(), search())
                        .withTerminationConfig(end))
                .buildSolver();
    }

    /**
     * Changes and swaps by simulated annealing: where two days must change together, a week must first become a little worse, as late
     * acceptance from a good beginning does not allow.
     */
    private static LocalSearchPhaseConfig search() {
        return new LocalSearchPhaseConfig()
                .withMoveSelectorConfig(new UnionMoveSelectorConfig(List.of(
                        new ChangeMoveSelectorConfig().withFixedProbabilityWeight(3.0),
                        new SwapMoveSelectorConfig().withFixedProbabilityWeight(1.0))))
                .withAcceptorConfig(
                        new LocalSearchAcceptorConfig().withSimulatedAnnealingStartingTemperature("1hard/80soft"))
                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1));
    }

    /** Ends after a time. */
    public static WeekSolver within(Duration limit, WeekProblem problem) {
        return new WeekSolver(problem, new TerminationConfig().withSpentLimit(limit));
    }

    /** Ends after so many moves were weighed: the same answer on every machine. */
    static WeekSolver weighing(long moves, WeekProblem problem) {
        return new WeekSolver(
                problem,
                new TerminationConfig()
                        .withScoreCalculationCountLimit(moves)
                        // Where nothing can be moved, no move is ever weighed.
                        .withSpentLimit(Duration.ofMinutes(1)));
    }

    /**
     * Solves; the calling thread is busy with it.
     *
     * @param better is told of the points of each better week on the way
     */
    public WeekPlan solve(Consumer<Long> better) {
        solver.addEventListener(event -> {
            if (event.getNewBestSolution().score().isFeasible()) {
                better.accept(event.getNewBestSolution().score().softScore());
            }
        });
        return WeekPlan.of(problem, week(solver.solve(new WeekSolution(problem))));
    }

    /** Ends it from another thread; what was found so far comes out. */
    public void stop() {
        solver.terminateEarly();
    }

    private static Map<Slot, String> week(WeekSolution solution) {
        Map<Slot, String> week = new HashMap<>();
        for (SlotDecision decision : solution.slots()) {
            Offer offer = decision.getOffer();
            if (offer != null) {
                week.put(decision.slot(), offer.id());
            }
        }
        return week;
    }
}
