package app.carder.core.rota;

import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.count;
import static ai.timefold.solver.core.api.score.stream.Joiners.equal;

import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;

/** The rules of {@link RotaScore}, as the solver counts them. Public only because the solver asks for it. */
public class RotaConstraints implements ConstraintProvider {

    private static final HardSoftLongScore BROKEN = HardSoftLongScore.ONE_HARD;
    private static final HardSoftLongScore COST = HardSoftLongScore.ONE_SOFT;

    @Override
    public Constraint[] defineConstraints(ConstraintFactory rules) {
        return new Constraint[] {
            rules.forEachIncludingUnassigned(TurnDecision.class)
                    .filter(turn -> turn.getAdult() == null)
                    .penalizeLong(BROKEN, turn -> 1)
                    .asConstraint("Every area is led"),
            rules.forEach(TurnDecision.class)
                    .filter(TurnDecision::isUnable)
                    .penalizeLong(BROKEN, turn -> 1)
                    .asConstraint("By somebody who is there and can"),
            rules.forEach(TurnDecision.class)
                    .groupBy(TurnDecision::lead, TurnDecision::week, TurnDecision::mostAtOnce, count())
                    .filter((adult, week, most, turns) -> turns > most)
                    .penalizeLong(BROKEN, (adult, week, most, turns) -> turns - most)
                    .asConstraint("Not too many at once"),
            rules.forEach(TurnDecision.class)
                    .groupBy(TurnDecision::lead, TurnDecision::areaId, count())
                    .penalizeLong(COST, (adult, area, turns) -> (long) RotaScore.OF_AN_AREA * turns * turns)
                    .asConstraint("Even turns with each area"),
            rules.forEach(TurnDecision.class)
                    .groupBy(TurnDecision::lead, count())
                    .penalizeLong(COST, (adult, turns) -> (long) RotaScore.OVER_ALL * turns * turns)
                    .asConstraint("Even turns over all"),
            rules.forEach(TurnDecision.class)
                    .join(
                            TurnDecision.class,
                            equal(TurnDecision::lead),
                            equal(TurnDecision::areaId),
                            equal(turn -> turn.week() + 1, TurnDecision::week))
                    .penalizeLong(COST, (turn, next) -> RotaScore.SAME_AS_LAST_WEEK)
                    .asConstraint("Not the same as last week"),
            rules.forEach(TurnDecision.class)
                    .filter(TurnDecision::isChanged)
                    .penalizeLong(COST, turn -> RotaScore.CHANGED)
                    .asConstraint("As it was before")
        };
    }
}
