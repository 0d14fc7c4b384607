package app.carder.core.rota;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import app.carder.core.rota.RotaProblem.Area;
import app.carder.core.rota.RotaProblem.Duty;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A rota as the solver changes it. Public only because the solver asks for it. */
@PlanningSolution
public class RotaSolution {

    @PlanningEntityCollectionProperty
    private List<TurnDecision> turns = List.of();

    @PlanningScore
    private @Nullable HardSoftLongScore score;

    /** For the solver. */
    public RotaSolution() {}

    RotaSolution(RotaProblem problem) {
        List<TurnDecision> decisions = new ArrayList<>();
        for (int week = 0; week < problem.weeks(); week++) {
            int at = week;
            for (Area area : problem.areas()) {
                Duty turn = new Duty(week, area.id());
                String pin = problem.pins().get(turn);
                decisions.add(new TurnDecision(
                        decisions.size(),
                        turn,
                        problem.mostAtOnce(week),
                        problem.before().getOrDefault(turn, ""),
                        problem.adults().stream()
                                .filter(adult -> adult.can(area.id(), at))
                                .toList(),
                        pin != null,
                        pin == null ? null : problem.byId().get(pin)));
            }
        }
        turns = decisions;
    }

    Map<Duty, String> rota() {
        Map<Duty, String> rota = new HashMap<>();
        for (TurnDecision decision : turns) {
            if (decision.getAdult() != null) {
                rota.put(decision.turn(), decision.lead().id());
            }
        }
        return rota;
    }

    List<TurnDecision> turns() {
        return turns;
    }
}
