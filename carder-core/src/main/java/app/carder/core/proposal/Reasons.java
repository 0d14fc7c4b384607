package app.carder.core.proposal;

import app.carder.core.framework.Sense;
import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.proposal.WeekScore.Breach;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Novelty;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Why each card is where it is, and what was given up. */
final class Reasons {

    private static final int RARE = 2;

    private final WeekProblem problem;
    private final Map<Slot, String> week;
    private final Map<String, Offer> byId;

    Reasons(WeekProblem problem, Map<Slot, String> week) {
        this.problem = problem;
        this.week = week;
        this.byId = problem.byId();
    }

    private Optional<Offer> at(Slot slot) {
        return Optional.ofNullable(week.get(slot)).map(byId::get);
    }

    List<Said> because(Slot slot) {
        Offer offer = at(slot).orElseThrow();
        List<Said> because = new ArrayList<>();
        if (problem.pins().containsKey(slot)) {
            because.add(Said.of("placed.pinned"));
        }
        because.add(Said.of("placed.turn." + offer.turn()));
        int interested = offer.interested().size();
        if (interested > 0) {
            because.add(Said.of("placed.interests", interested));
        }
        if (offer.homes().contains(slot.zone())) {
            because.add(Said.of("placed.home"));
        }
        List<String> rare = new ArrayList<>();
        offer.areas().stream()
                .sorted()
                .filter(area -> problem.areas().containsKey(area))
                .filter(area -> times(other -> other.areas().contains(area)) <= RARE)
                .forEach(area -> rare.add(Objects.requireNonNull(problem.areas().get(area))));
        for (Sense sense : Sense.values()) {
            if (offer.senses().contains(sense) && times(other -> other.senses().contains(sense)) <= RARE) {
                rare.add(sense.words());
            }
        }
        if (!rare.isEmpty()) {
            because.add(Said.of("placed.rare", Said.oneAfterTheOther(rare)));
        }
        boolean stands = at(new Slot(slot.day(), slot.session() - 1, slot.zone()))
                        .equals(Optional.of(offer))
                || at(new Slot(slot.day() - 1, slot.session(), slot.zone())).equals(Optional.of(offer));
        if (stands) {
            because.add(Said.of("placed.stays"));
        }
        return because;
    }

    private long times(Predicate<Offer> wanted) {
        return week.values().stream().map(byId::get).filter(wanted).count();
    }

    List<Said> givenUp() {
        List<Said> givenUp = new ArrayList<>();
        for (Slot slot : problem.slots()) {
            if (at(slot).isEmpty() && !problem.pins().containsKey(slot)) {
                givenUp.add(whyEmpty(slot));
            }
        }
        int target = Weights.areaTarget(problem.slots().size(), problem.areas().size());
        problem.areas().entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(area -> {
            long count = times(offer -> offer.areas().contains(area.getKey()));
            if (count < target) {
                givenUp.add(Said.of("given-up.area", area.getValue(), count, target));
            }
        });
        for (int day = 0; day < problem.days().size(); day++) {
            List<String> fresh = newOn(day);
            if (fresh.size() > Rotation.PRESENTATIONS_A_DAY) {
                givenUp.add(Said.of("given-up.new", name(day), fresh.size(), Said.oneAfterTheOther(fresh)));
            }
        }
        new HashSet<>(week.values())
                .stream()
                        .map(byId::get)
                        .filter(offer -> offer.turn() == Novelty.CHANGE || offer.turn() == Novelty.RESTS)
                        .sorted(Comparator.comparing(Offer::title))
                        .map(offer -> Said.of("given-up.turn." + offer.turn(), offer.title()))
                        .forEach(givenUp::add);
        long unmet = problem.served().keySet().stream()
                .filter(child -> times(offer -> offer.interested().contains(child)) == 0)
                .count();
        if (unmet > 0) {
            givenUp.add(Said.of("given-up.interests", unmet));
        }
        problem.offers().stream()
                .filter(offer -> isHeldAllWeek(offer))
                .map(offer -> Said.of("given-up.held", offer.title()))
                .forEach(givenUp::add);
        return givenUp;
    }

    private boolean isHeldAllWeek(Offer offer) {
        int sessions =
                problem.days().stream().mapToInt(day -> day.sessions().size()).sum();
        return sessions > 0 && offer.heldAt().size() == sessions;
    }

    private List<String> newOn(int day) {
        Set<String> before = week.entrySet().stream()
                .filter(one -> one.getKey().day() < day)
                .map(Map.Entry::getValue)
                .collect(Collectors.toSet());
        return week.entrySet().stream()
                .filter(one -> one.getKey().day() == day && !before.contains(one.getValue()))
                .map(one -> Objects.requireNonNull(byId.get(one.getValue())))
                .filter(offer -> offer.turn() == Novelty.NEW && !(day == 0 && offer.standing()))
                .map(Offer::title)
                .distinct()
                .sorted()
                .toList();
    }

    private enum Obstacle {
        GROUND,
        ELSEWHERE,
        ADULTS,
        STOCK,
        MINUTES,
        WORTH
    }

    private Said whyEmpty(Slot slot) {
        Map<Obstacle, Integer> obstacles = new EnumMap<>(Obstacle.class);
        List<Breach> now = WeekScore.breaches(problem, week);
        for (Offer offer : problem.offers()) {
            obstacles.merge(obstacle(slot, offer, now), 1, Integer::sum);
        }
        List<Said> why = obstacles.entrySet().stream()
                .map(one -> Said.of("given-up.obstacle." + one.getKey(), one.getValue()))
                .toList();
        return Said.of(
                "given-up.empty",
                problem.zones().get(slot.zone()).name(),
                problem.days().get(slot.day()).sessions().get(slot.session()).name(),
                name(slot.day()),
                why.isEmpty()
                        ? Said.of("given-up.no-deck")
                        : Said.of("given-up.of-the-deck", Said.oneAfterTheOther(why)));
    }

    private Obstacle obstacle(Slot slot, Offer offer, List<Breach> known) {
        Map<Slot, String> with = new HashMap<>(week);
        with.put(slot, offer.id());
        return WeekScore.breaches(problem, with).stream()
                .filter(breach -> !known.contains(breach))
                .map(breach -> switch (breach.rule()) {
                    case GROUND -> Obstacle.GROUND;
                    case ONE_PLACE -> Obstacle.ELSEWHERE;
                    case ADULTS -> Obstacle.ADULTS;
                    case STOCK -> Obstacle.STOCK;
                    case PREPARATION -> Obstacle.MINUTES;
                })
                .findFirst()
                .orElse(Obstacle.WORTH);
    }

    private String name(int day) {
        return Dates.weekday(problem.days().get(day).on().getDayOfWeek());
    }
}
