package app.carder.core.rota;

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
import app.carder.core.rota.RotaProblem.Duty;
import java.time.Duration;
import java.util.List;
import java.util.Map;

/**
 * Finds who leads what in which week. The answer is the same on every machine; that nothing better exists is not proven, the tests
 * compare small rotas with all that there are.
 */
public final class RotaSolver {

    private static final long MOVES = 40_000;
    private static final Duration LIMIT = Duration.ofSeconds(8);

    private RotaSolver() {}

    /** Solves. Takes about a second. */
    public static Rota solve(RotaProblem problem) {
        SolverConfig config = new SolverConfig()
                .withSolutionClass(RotaSolution.class)
                .withEntityClasses(TurnDecision.class)
                .withConstraintProviderClass(RotaConstraints.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(7L)
                .withPhases(
                        new ConstructionHeuristicPhaseConfig(),
                        new LocalSearchPhaseConfig()
                                .withMoveSelectorConfig(new UnionMoveSelectorConfig(
                                        List.of(new ChangeMoveSelectorConfig(), new SwapMoveSelectorConfig())))
                                .withAcceptorConfig(new LocalSearchAcceptorConfig()
                                        .withSimulatedAnnealingStartingTemperature("1hard/20soft"))
                                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1)))
                .withTerminationConfig(new TerminationConfig()
                        .withScoreCalculationCountLimit(MOVES)
                        .withSpentLimit(LIMIT));
        Map<Duty, String> found = SolverFactory.<RotaSolution>create(config)
                .buildSolver()
                .solve(new RotaSolution(problem))
                .rota();
        return Rota.of(problem, found);
    }
}
