package app.carder.core.proposal;

import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.countBi;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.min;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.sum;
import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.sumLong;
import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ai.timefold.solver.core.api.score.stream.Joiners.filtering;
import static ai.timefold.solver.core.api.score.stream.Joiners.lessThan;

import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;
import ai.timefold.solver.core.api.score.stream.bi.BiConstraintStream;
import app.carder.core.proposal.WeekSolution.ChildFact;
import app.carder.core.proposal.WeekSolution.DayFact;
import app.carder.core.proposal.WeekSolution.FreshFact;
import app.carder.core.proposal.WeekSolution.SessionFact;
import app.carder.core.proposal.WeekSolution.StockFact;
import app.carder.core.proposal.WeekSolution.Target;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Novelty;

/** The rules of {@link WeekScore}, as the solver counts them: only what a change touches. Public only because the solver asks for it. */
public class WeekConstraints implements ConstraintProvider {

    private static final HardSoftLongScore BROKEN = HardSoftLongScore.ONE_HARD;
    private static final HardSoftLongScore POINT = HardSoftLongScore.ONE_SOFT;

    @Override
    public Constraint[] defineConstraints(ConstraintFactory rules) {
        return new Constraint[] {
            worth(rules),
            once(rules),
            adults(rules),
            stock(rules),
            preparation(rules),
            presentations(rules),
            withinTheDay(rules),
            overnight(rules),
            balance(rules),
            interests(rules),
            repeats(rules)
        };
    }

    private Constraint worth(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .rewardLong(POINT, slot -> Weights.ofCard(slot.chosen(), slot.zone()))
                .asConstraint("What a card is worth");
    }

    private Constraint once(ConstraintFactory rules) {
        return rules.forEachUniquePair(
                        SlotDecision.class,
                        equal(SlotDecision::getOffer),
                        equal(SlotDecision::day),
                        equal(SlotDecision::session))
                .penalizeLong(BROKEN, (one, other) -> 1)
                .asConstraint("In one place at a time");
    }

    private Constraint adults(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .filter(slot -> slot.chosen().load().parts() > 0)
                .join(
                        SessionFact.class,
                        equal(SlotDecision::day, SessionFact::day),
                        equal(SlotDecision::session, SessionFact::session))
                .groupBy(
                        (slot, session) -> session,
                        sum((SlotDecision slot, SessionFact session) ->
                                slot.chosen().load().parts()))
                .filter((session, parts) -> parts > session.adultParts())
                .penalizeLong(BROKEN, (session, parts) -> parts - session.adultParts())
                .asConstraint("Adults");
    }

    private Constraint stock(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .join(StockFact.class)
                .filter((slot, stock) -> slot.chosen().needs().containsKey(stock.material()))
                .groupBy(
                        (slot, stock) -> stock,
                        (slot, stock) -> slot.day() * 100 + slot.session(),
                        sumLong((SlotDecision slot, StockFact stock) ->
                                slot.chosen().needs().getOrDefault(stock.material(), 0L)))
                .filter((stock, when, need) -> need > stock.amount())
                .penalizeLong(BROKEN, (stock, when, need) -> 1)
                .asConstraint("Stock");
    }

    /** Each card on each day that it comes out, not having stood out the day before. */
    private static BiConstraintStream<Offer, Integer> comingOut(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .groupBy(SlotDecision::chosen, SlotDecision::day)
                .filter((offer, day) -> day > 0 || !offer.standing())
                .ifNotExists(
                        SlotDecision.class,
                        equal((offer, day) -> offer, SlotDecision::getOffer),
                        equal((offer, day) -> day - 1, SlotDecision::day));
    }

    private Constraint preparation(ConstraintFactory rules) {
        return comingOut(rules)
                .filter((offer, day) -> offer.preparationMinutes() > 0)
                .join(DayFact.class, equal((offer, day) -> day, DayFact::day))
                .groupBy(
                        (offer, day, fact) -> fact,
                        sum((Offer offer, Integer day, DayFact fact) -> offer.preparationMinutes()))
                .filter((fact, minutes) -> minutes > fact.preparationMinutes())
                .penalizeLong(BROKEN, (fact, minutes) -> minutes - fact.preparationMinutes())
                .asConstraint("Preparation");
    }

    private Constraint presentations(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .filter(slot -> slot.chosen().turn() == Novelty.NEW)
                .groupBy(SlotDecision::chosen, min(SlotDecision::day))
                .filter((offer, first) -> first > 0 || !offer.standing())
                .groupBy((offer, first) -> first, countBi())
                .filter((day, fresh) -> fresh > Rotation.PRESENTATIONS_A_DAY)
                .penalizeLong(
                        POINT, (day, fresh) -> Weights.ONE_NEW_TOO_MANY * (fresh - (long) Rotation.PRESENTATIONS_A_DAY))
                .asConstraint("One presentation a day");
    }

    private Constraint withinTheDay(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .join(
                        SlotDecision.class,
                        equal(SlotDecision::day),
                        equal(SlotDecision::zone),
                        equal(slot -> slot.session() + 1, SlotDecision::session))
                .filter((slot, next) -> !slot.chosen().equals(next.chosen()))
                .penalizeLong(POINT, (slot, next) -> Weights.CHANGED_WITHIN_THE_DAY)
                .asConstraint("Changed within the day");
    }

    private Constraint overnight(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .join(
                        SlotDecision.class,
                        equal(SlotDecision::session),
                        equal(SlotDecision::zone),
                        equal(slot -> slot.day() + 1, SlotDecision::day))
                .filter((slot, next) -> !slot.chosen().equals(next.chosen()))
                .penalizeLong(POINT, (slot, next) -> Weights.CHANGED_OVERNIGHT)
                .asConstraint("Changed overnight");
    }

    private Constraint interests(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .filter(slot -> !slot.chosen().interested().isEmpty())
                .join(ChildFact.class)
                .filter((slot, child) -> slot.chosen().interested().contains(child.id()))
                .groupBy((slot, child) -> child, countBi())
                .rewardLong(POINT, (child, times) -> Weights.interest(child.served(), times))
                .asConstraint("Every child's interest in its turn");
    }

    private Constraint repeats(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .filter(slot -> slot.chosen().isCarried())
                .join(
                        SlotDecision.class,
                        equal(SlotDecision::getOffer),
                        equal(SlotDecision::day),
                        lessThan(SlotDecision::session))
                .join(
                        FreshFact.class,
                        filtering((slot, later, fresh) -> fresh.slots().contains(later.slot())))
                .ifNotExists(SlotDecision.class, equal((slot, later, fresh) -> fresh.offer(), SlotDecision::getOffer))
                .groupBy((slot, later, fresh) -> slot, (slot, later, fresh) -> later)
                .penalizeLong(POINT, (slot, later) -> Weights.OUT_TWICE_A_DAY)
                .asConstraint("New cards before one that is out twice that day");
    }

    private Constraint balance(ConstraintFactory rules) {
        return rules.forEach(SlotDecision.class)
                .join(Target.class)
                .filter((slot, target) -> slot.chosen().areas().contains(target.what())
                        || slot.chosen().senses().contains(target.what()))
                .groupBy((slot, target) -> target, countBi())
                .rewardLong(POINT, (target, count) -> target.weight() * Weights.balance(count, target.target()))
                .asConstraint("Areas and senses in balance");
    }
}
