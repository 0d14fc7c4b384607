package app.carder.core.proposal;

import app.carder.core.framework.Sense;
import app.carder.core.proposal.WeekProblem.Day;
import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.said.Said;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Novelty;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a week is worth, counted rule by rule, slowly and plainly. The solver counts the same in its own way; the tests hold the two
 * together.
 *
 * @param broken how far rules that must hold are broken; 0 for a week that can be
 * @param points the more the better
 * @param breaches which rules are broken
 */
public record WeekScore(int broken, long points, List<Breach> breaches) {

    /** Keeps its own copy. */
    public WeekScore {
        breaches = List.copyOf(breaches);
    }

    /** A rule that must hold. */
    public enum Rule {
        /** A card stands where it can, on a day on which it may. */
        GROUND,
        /** A card is in one place at a time. */
        ONE_PLACE,
        /** There are adults enough for what stands out. */
        ADULTS,
        /** There is material enough for what stands out at once. */
        STOCK,
        /** The evening before is long enough. */
        PREPARATION
    }

    /**
     * A rule that is broken.
     *
     * @param rule which
     * @param words where, for people
     */
    public record Breach(Rule rule, Said words) {}

    /**
     * Counts.
     *
     * @param problem what was asked
     * @param week a card's id for each slot that has one
     */
    public static WeekScore of(WeekProblem problem, Map<Slot, String> week) {
        return new Counting(problem, week).score();
    }

    /** Only which rules that must hold are broken: asked of every card for every empty slot. */
    static List<Breach> breaches(WeekProblem problem, Map<Slot, String> week) {
        Counting counting = new Counting(problem, week);
        counting.mustHold();
        return counting.breaches;
    }

    private static final class Counting {
        private final WeekProblem problem;
        private final Map<Slot, Offer> week = new HashMap<>();
        private final List<Breach> breaches = new ArrayList<>();
        private int broken;
        private long points;

        private Counting(WeekProblem problem, Map<Slot, String> chosen) {
            this.problem = problem;
            Map<String, Offer> byId = problem.byId();
            chosen.forEach((slot, id) -> {
                Offer offer = byId.get(id);
                if (offer != null) {
                    week.put(slot, offer);
                }
            });
        }

        private WeekScore score() {
            mustHold();
            week.forEach((slot, offer) -> points += Weights.ofCard(offer, slot.zone()));
            for (int day = 0; day < problem.days().size(); day++) {
                presentations(day);
            }
            changes();
            balance();
            interests();
            repeats();
            return new WeekScore(broken, points, breaches);
        }

        private void mustHold() {
            week.forEach((slot, offer) -> {
                if (!problem.fits(offer, slot)) {
                    breach(
                            Rule.GROUND,
                            1,
                            Said.of(
                                    "breach.ground",
                                    offer.title(),
                                    problem.zones().get(slot.zone()).name(),
                                    problem.days().get(slot.day()).on().toString()));
                }
            });
            for (int day = 0; day < problem.days().size(); day++) {
                for (int session = 0;
                        session < problem.days().get(day).sessions().size();
                        session++) {
                    once(day, session);
                    adults(day, session);
                    stock(day, session);
                }
                preparation(day);
            }
        }

        private void breach(Rule rule, int by, Said words) {
            broken += by;
            breaches.add(new Breach(rule, words));
        }

        private List<Offer> at(int day, int session) {
            return week.entrySet().stream()
                    .filter(one -> one.getKey().day() == day && one.getKey().session() == session)
                    .map(Map.Entry::getValue)
                    .toList();
        }

        private Set<Offer> on(int day) {
            Set<Offer> out = new HashSet<>();
            week.forEach((slot, offer) -> {
                if (slot.day() == day) {
                    out.add(offer);
                }
            });
            return out;
        }

        private void once(int day, int session) {
            List<Offer> out = at(day, session);
            Set<Offer> different = new HashSet<>(out);
            for (Offer offer : different) {
                int times = (int) out.stream().filter(offer::equals).count();
                if (times > 1) {
                    breach(Rule.ONE_PLACE, times * (times - 1) / 2, Said.of("breach.one-place", offer.title()));
                }
            }
        }

        private void adults(int day, int session) {
            int parts = at(day, session).stream()
                    .mapToInt(offer -> offer.load().parts())
                    .sum();
            int have = problem.days().get(day).sessions().get(session).adults() * AdultLoad.PARTS_OF_AN_ADULT;
            if (parts > have) {
                breach(
                        Rule.ADULTS,
                        parts - have,
                        Said.of(
                                "breach.adults",
                                problem.days().get(day).sessions().get(session).name(),
                                problem.days().get(day).on().toString()));
            }
        }

        private void stock(int day, int session) {
            problem.stock().forEach((material, have) -> {
                long need = at(day, session).stream()
                        .mapToLong(offer -> offer.needs().getOrDefault(material, 0L))
                        .sum();
                if (need > have) {
                    breach(Rule.STOCK, 1, Said.of("breach.stock", material));
                }
            });
        }

        /** Cards that come out on a day, and did not stand out on the one before. */
        private List<Offer> comingOut(int day) {
            Set<Offer> before = day == 0 ? Set.of() : on(day - 1);
            return on(day).stream()
                    .filter(offer -> day == 0 ? !offer.standing() : !before.contains(offer))
                    .toList();
        }

        private void preparation(int day) {
            Day asked = problem.days().get(day);
            int minutes =
                    comingOut(day).stream().mapToInt(Offer::preparationMinutes).sum();
            if (minutes > asked.preparationMinutes()) {
                breach(
                        Rule.PREPARATION,
                        minutes - asked.preparationMinutes(),
                        Said.of("breach.preparation", asked.on().toString(), minutes, asked.preparationMinutes()));
            }
        }

        private void presentations(int day) {
            long fresh = comingOut(day).stream()
                    .filter(offer -> offer.turn() == Novelty.NEW)
                    .filter(offer -> {
                        for (int earlier = 0; earlier < day; earlier++) {
                            if (on(earlier).contains(offer)) {
                                return false;
                            }
                        }
                        return true;
                    })
                    .count();
            points -= Weights.ONE_NEW_TOO_MANY * Math.max(0, fresh - Rotation.PRESENTATIONS_A_DAY);
        }

        private void changes() {
            week.forEach((slot, offer) -> {
                Offer next = week.get(new Slot(slot.day(), slot.session() + 1, slot.zone()));
                if (next != null && !next.equals(offer)) {
                    points -= Weights.CHANGED_WITHIN_THE_DAY;
                }
                Offer tomorrow = week.get(new Slot(slot.day() + 1, slot.session(), slot.zone()));
                if (tomorrow != null && !tomorrow.equals(offer)) {
                    points -= Weights.CHANGED_OVERNIGHT;
                }
            });
        }

        private void interests() {
            problem.served().forEach((child, before) -> {
                int times = (int) week.values().stream()
                        .filter(offer -> offer.interested().contains(child))
                        .count();
                points += Weights.interest(before, times);
            });
        }

        /** Each pair of sessions of a day in which a card is out, while a new one that could stand there is not out at all. */
        private void repeats() {
            List<Offer> unused = problem.fresh().stream()
                    .filter(offer -> !week.containsValue(offer))
                    .toList();
            week.forEach((slot, offer) -> week.forEach((later, again) -> {
                if (offer.equals(again)
                        && offer.isCarried()
                        && slot.day() == later.day()
                        && slot.session() < later.session()
                        && unused.stream().anyMatch(fresh -> problem.fits(fresh, later))) {
                    points -= Weights.OUT_TWICE_A_DAY;
                }
            }));
        }

        private void balance() {
            int areaTarget =
                    Weights.areaTarget(problem.slots().size(), problem.areas().size());
            for (String area : problem.areas().keySet()) {
                int count = (int) week.values().stream()
                        .filter(offer -> offer.areas().contains(area))
                        .count();
                points += Weights.AREA * Weights.balance(count, areaTarget);
            }
            int senseTarget = Weights.senseTarget(problem.slots().size(), Sense.values().length);
            for (Sense sense : Sense.values()) {
                int count = (int) week.values().stream()
                        .filter(offer -> offer.senses().contains(sense))
                        .count();
                points += Weights.SENSE * Weights.balance(count, senseTarget);
            }
        }
    }
}
