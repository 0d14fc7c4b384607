package app.carder.core.proposal;

import app.carder.core.framework.Sense;
import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.proposal.WeekScore.Breach;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Turn;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Why each card is where it is, and what was given up. */
final class Reasons {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE", Locale.UK);
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

    List<String> because(Slot slot) {
        Offer offer = at(slot).orElseThrow();
        List<String> because = new ArrayList<>();
        if (problem.pins().containsKey(slot)) {
            because.add("you pinned it");
        }
        because.add(
                switch (offer.turn()) {
                    case STAYS -> "it has not stood its days yet";
                    case STILL_CHOSEN -> "children still choose it";
                    case CHANGE -> "it is due for a change, but nothing better fits";
                    case RESTS -> "it should rest, but nothing better fits";
                    case BACK -> "it has rested and can come back";
                    case NEW -> "it is new";
                });
        int interested = offer.interested().size();
        if (interested > 0) {
            because.add(
                    interested == 1
                            ? "it meets one child's interest"
                            : "it meets the interests of %d children".formatted(interested));
        }
        if (offer.homes().contains(slot.zone())) {
            because.add("it has its place here");
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
            because.add("little else this week brings " + String.join(", ", rare));
        }
        boolean stands = at(new Slot(slot.day(), slot.session() - 1, slot.zone()))
                        .equals(Optional.of(offer))
                || at(new Slot(slot.day() - 1, slot.session(), slot.zone())).equals(Optional.of(offer));
        if (stands) {
            because.add("it stays where it stands");
        }
        return because;
    }

    private long times(Predicate<Offer> wanted) {
        return week.values().stream().map(byId::get).filter(wanted).count();
    }

    List<String> givenUp() {
        List<String> givenUp = new ArrayList<>();
        for (Slot slot : problem.slots()) {
            if (at(slot).isEmpty() && !problem.pins().containsKey(slot)) {
                givenUp.add(whyEmpty(slot));
            }
        }
        int target = Weights.areaTarget(problem.slots().size(), problem.areas().size());
        problem.areas().entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(area -> {
            long count = times(offer -> offer.areas().contains(area.getKey()));
            if (count < target) {
                givenUp.add("%s comes %d times; %d would be its even share.".formatted(area.getValue(), count, target));
            }
        });
        for (int day = 0; day < problem.days().size(); day++) {
            List<String> fresh = newOn(day);
            if (fresh.size() > Rotation.PRESENTATIONS_A_DAY) {
                givenUp.add("%s brings %d new cards (%s): show each child one of them at most."
                        .formatted(name(day), fresh.size(), String.join(", ", fresh)));
            }
        }
        new HashSet<>(week.values())
                .stream()
                        .map(byId::get)
                        .filter(offer -> offer.turn() == Turn.CHANGE || offer.turn() == Turn.RESTS)
                        .map(offer -> offer.turn() == Turn.CHANGE
                                ? "%s stays out though it is due for a change.".formatted(offer.title())
                                : "%s comes back before it has rested.".formatted(offer.title()))
                        .sorted()
                        .forEach(givenUp::add);
        long unmet = problem.served().keySet().stream()
                .filter(child -> times(offer -> offer.interested().contains(child)) == 0)
                .count();
        if (unmet > 0) {
            givenUp.add(
                    unmet == 1
                            ? "One child's interest does not come this week."
                            : "The interests of %d children do not come this week.".formatted(unmet));
        }
        problem.offers().stream()
                .filter(offer -> isHeldAllWeek(offer))
                .map(offer -> "%s stays in the cupboard: a safety finding speaks against it every day."
                        .formatted(offer.title()))
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
                .filter(offer -> offer.turn() == Turn.NEW && !(day == 0 && offer.standing()))
                .map(Offer::title)
                .distinct()
                .sorted()
                .toList();
    }

    private enum Obstacle {
        GROUND("%d cannot stand there or not on that day"),
        ELSEWHERE("%d stand elsewhere in that session"),
        ADULTS("%d take more adults than there are"),
        STOCK("%d need material that another card has"),
        MINUTES("%d need more preparation than the evening has"),
        WORTH("%d would cost the week more than they bring");

        private final String words;

        Obstacle(String words) {
            this.words = words;
        }
    }

    private String whyEmpty(Slot slot) {
        Map<Obstacle, Integer> obstacles = new EnumMap<>(Obstacle.class);
        List<Breach> now = WeekScore.breaches(problem, week);
        for (Offer offer : problem.offers()) {
            obstacles.merge(obstacle(slot, offer, now), 1, Integer::sum);
        }
        String why = obstacles.entrySet().stream()
                .map(one -> one.getKey().words.formatted(one.getValue()))
                .collect(Collectors.joining(", "));
        return "%s in %s on %s stays empty: %s."
                .formatted(
                        problem.zones().get(slot.zone()).name(),
                        problem.days()
                                .get(slot.day())
                                .sessions()
                                .get(slot.session())
                                .name(),
                        name(slot.day()),
                        why.isEmpty() ? "the deck is empty" : "of the deck, " + why);
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
        return DAY.format(problem.days().get(day).on());
    }
}
