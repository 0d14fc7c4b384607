package app.carder.core.prepare;

import app.carder.core.drawing.Sketch;
import app.carder.core.prepare.OpenHours.Block;
import app.carder.core.said.Refused;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Counts backwards: how late can each step begin so that everything is ready in time?
 *
 * <p>Steps are placed from the end, the one that may end latest first, each as late as the opening hours, its followers and one
 * pair of hands allow; work of one turn is not interrupted. Waiting runs by the clock, through nights and closed days. For steps
 * that only wait for each other in a chain this is the latest schedule there is; where several compete for the same hands it is
 * a good one, not proven best. Where a step would have to begin before now, a count forwards says when everything could be ready
 * instead.
 *
 * @param ready for when it was planned, with the reason where that is not when it was wished
 * @param planned every step, by when it begins
 * @param criticalChain names of the steps of which none can be later, from the first to the last
 * @param eveningBefore names of the steps that fall on the last open day before it must be ready
 * @param tooLate names of the steps that should have begun already
 * @param earliestReady where something is too late, and it can still be made within 60 days
 * @param handsOn minutes of work in all
 */
public record Preparation(
        Ready ready,
        List<Planned> planned,
        List<String> criticalChain,
        List<String> eveningBefore,
        List<String> tooLate,
        Optional<LocalDateTime> earliestReady,
        Duration handsOn) {

    private static final int DAYS_LOOKED_AT = 60;
    private static final int MOST_STEPS = 40;

    /** Keeps its own copies. */
    public Preparation {
        planned = List.copyOf(planned);
        criticalChain = List.copyOf(criticalChain);
        eveningBefore = List.copyOf(eveningBefore);
        tooLate = List.copyOf(tooLate);
    }

    /**
     * For when everything is to be ready.
     *
     * @param wished as it was asked
     * @param at as it was planned: the same, or on the next open day
     */
    public record Ready(LocalDateTime wished, LocalDateTime at) {
        /** Whether it was moved, because nobody comes on the day that was wished. */
        public boolean isMoved() {
            return !wished.equals(at);
        }
    }

    /**
     * One step in time.
     *
     * @param step what is done
     * @param turns when each turn begins, in order
     * @param endsAt when the last turn ends
     * @param readyAt when its waiting is over
     */
    public record Planned(Step step, List<LocalDateTime> turns, LocalDateTime endsAt, LocalDateTime readyAt) {
        /** Keeps its own copy. */
        public Planned {
            turns = List.copyOf(turns);
        }

        /** The latest moment to begin. */
        public LocalDateTime startsAt() {
            return turns.get(0);
        }
    }

    /** As a line of time that ends when everything is ready; absent without a step. */
    public Optional<Sketch> drawing() {
        return planned.isEmpty() ? Optional.empty() : Optional.of(PreparationDrawing.of(this));
    }

    /** Whether it can be ready in time. */
    public boolean isInTime() {
        return tooLate.isEmpty();
    }

    /**
     * Plans it.
     *
     * @param steps at most 40
     * @param wished when everything must be ready; a closed day moves to the next open one
     * @param now what is before is too late
     * @throws IllegalArgumentException if a step depends on one that is not there or on itself, two have one name, there are too
     *     many, or a step is longer than any time in which it can be done
     */
    public static Preparation backwards(List<Step> steps, LocalDateTime wished, OpenHours open, LocalDateTime now) {
        LocalDateTime readyAt = open.ready(wished);
        Map<String, List<Step>> followers = followers(steps);
        Map<String, Planned> placed = placedLate(steps, readyAt, open, new ArrayList<>());
        List<Planned> planned = placed.values().stream()
                .sorted(Comparator.comparing(Planned::startsAt))
                .toList();
        List<String> tooLate = planned.stream()
                .filter(one -> one.startsAt().isBefore(now))
                .map(one -> one.step().name())
                .toList();
        LocalDate before = open.openDayBefore(readyAt.toLocalDate());
        return new Preparation(
                new Ready(wished, readyAt),
                planned,
                chain(planned, followers, placed),
                planned.stream()
                        .filter(one -> one.startsAt().toLocalDate().equals(before))
                        .map(one -> one.step().name())
                        .toList(),
                tooLate,
                tooLate.isEmpty() ? Optional.empty() : forwards(steps, open, now),
                steps.stream().map(Step::work).reduce(Duration.ZERO, Duration::plus));
    }

    /**
     * Places steps as late as they can be.
     *
     * @param taken times that the hands are taken already; what is placed is added
     * @throws IllegalArgumentException as {@link #backwards}
     */
    static Map<String, Planned> placedLate(List<Step> steps, LocalDateTime readyAt, OpenHours open, List<Block> taken) {
        Map<String, Step> byName = checked(steps);
        Map<String, List<Step>> followers = followers(steps);
        Map<String, Planned> placed = new LinkedHashMap<>();
        while (placed.size() < steps.size()) {
            Step next = steps.stream()
                    .filter(step -> !placed.containsKey(step.name()))
                    .filter(step -> placed.keySet().containsAll(names(followers.getOrDefault(step.name(), List.of()))))
                    .max(Comparator.comparing(step -> deadline(step, followers, placed, readyAt)))
                    .orElseThrow(() -> Refused.because(
                            "refused.preparation.steps-must-not",
                            byName.keySet().stream()
                                    .filter(name -> !placed.containsKey(name))
                                    .collect(Collectors.joining(", "))));
            LocalDateTime deadline = deadline(next, followers, placed, readyAt);
            placed.put(next.name(), late(next, deadline, open, taken));
        }
        return placed;
    }

    private static Map<String, List<Step>> followers(List<Step> steps) {
        Map<String, List<Step>> followers = new HashMap<>();
        steps.forEach(step -> step.after()
                .forEach(name -> followers
                        .computeIfAbsent(name, key -> new ArrayList<>())
                        .add(step)));
        return followers;
    }

    private static Map<String, Step> checked(List<Step> steps) {
        if (steps.size() > MOST_STEPS) {
            throw Refused.because("refused.preparation.steps-must-be", MOST_STEPS, steps.size());
        }
        Map<String, Step> byName = new LinkedHashMap<>();
        for (Step step : steps) {
            if (byName.put(step.name(), step) != null) {
                throw Refused.because("refused.preparation.step-must-have", step.name());
            }
        }
        steps.forEach(step -> step.after().forEach(name -> {
            if (!byName.containsKey(name)) {
                throw Refused.because("refused.preparation.step-must-wait", step.name(), name);
            }
        }));
        return byName;
    }

    private static Set<String> names(List<Step> steps) {
        return steps.stream().map(Step::name).collect(Collectors.toSet());
    }

    private static LocalDateTime deadline(
            Step step, Map<String, List<Step>> followers, Map<String, Planned> placed, LocalDateTime readyAt) {
        return followers.getOrDefault(step.name(), List.of()).stream()
                .map(follower -> placed.get(follower.name()))
                .map(found -> found == null ? readyAt : found.startsAt())
                .min(Comparator.naturalOrder())
                .orElse(readyAt)
                .minus(step.waiting());
    }

    private static Planned late(Step step, LocalDateTime deadline, OpenHours open, List<Block> taken) {
        Deque<Block> turns = new ArrayDeque<>();
        LocalDateTime end = deadline;
        for (int turn = 0; turn < step.turns(); turn++) {
            Block block = lateBlock(step, end, open, taken);
            taken.add(block);
            turns.addFirst(block);
            end = block.from();
        }
        LocalDateTime ended = turns.getLast().to();
        return new Planned(step, turns.stream().map(Block::from).toList(), ended, ended.plus(step.waiting()));
    }

    private static Block lateBlock(Step step, LocalDateTime deadline, OpenHours open, List<Block> taken) {
        LocalDate day = deadline.toLocalDate();
        for (int looked = 0; looked <= DAYS_LOOKED_AT * 2; looked++, day = day.minusDays(1)) {
            List<Block> spans = new ArrayList<>(open.spans(day, step.who()));
            Collections.reverse(spans);
            for (Block span : spans) {
                LocalDateTime end = span.to().isBefore(deadline) ? span.to() : deadline;
                while (!end.minus(step.handsOn()).isBefore(span.from())) {
                    Block block = new Block(end.minus(step.handsOn()), end);
                    Optional<Block> inTheWay = overlap(block, taken);
                    if (inTheWay.isEmpty()) {
                        return block;
                    }
                    end = inTheWay.get().from();
                }
            }
        }
        if (step.who() == Step.Who.CHILDREN && !open.hasSessions()) {
            throw Refused.because("refused.preparation.step-is-done", step.name());
        }
        throw tooLong(step);
    }

    private static Optional<LocalDateTime> forwards(List<Step> steps, OpenHours open, LocalDateTime now) {
        Map<String, LocalDateTime> ready = new HashMap<>();
        List<Block> taken = new ArrayList<>();
        while (ready.size() < steps.size()) {
            Step next = steps.stream()
                    .filter(step ->
                            !ready.containsKey(step.name()) && ready.keySet().containsAll(step.after()))
                    .min(Comparator.comparing((Step step) -> from(step, ready, now))
                            .thenComparing(Comparator.comparing(Step::waiting).reversed()))
                    .orElseThrow();
            LocalDateTime from = from(next, ready, now);
            for (int turn = 0; turn < next.turns(); turn++) {
                Optional<Block> block = earlyBlock(next, from, open, taken);
                if (block.isEmpty()) {
                    return Optional.empty();
                }
                taken.add(block.get());
                from = block.get().to();
            }
            ready.put(next.name(), from.plus(next.waiting()));
        }
        return ready.values().stream().max(Comparator.naturalOrder());
    }

    private static LocalDateTime from(Step step, Map<String, LocalDateTime> ready, LocalDateTime now) {
        return step.after().stream()
                .map(name -> ready.getOrDefault(name, now))
                .max(Comparator.naturalOrder())
                .orElse(now);
    }

    private static Optional<Block> earlyBlock(Step step, LocalDateTime from, OpenHours open, List<Block> taken) {
        LocalDate day = from.toLocalDate();
        for (int looked = 0; looked <= DAYS_LOOKED_AT; looked++, day = day.plusDays(1)) {
            for (Block span : open.spans(day, step.who())) {
                LocalDateTime start = span.from().isAfter(from) ? span.from() : from;
                while (!start.plus(step.handsOn()).isAfter(span.to())) {
                    Block block = new Block(start, start.plus(step.handsOn()));
                    Optional<Block> inTheWay = overlap(block, taken);
                    if (inTheWay.isEmpty()) {
                        return Optional.of(block);
                    }
                    start = inTheWay.get().to();
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Block> overlap(Block block, Collection<Block> taken) {
        return taken.stream().filter(block::overlaps).findFirst();
    }

    private static IllegalArgumentException tooLong(Step step) {
        return Refused.because(
                "refused.preparation.step-must-fit",
                step.name(),
                step.who().words(),
                step.handsOn().toMinutes());
    }

    /** From the step that begins first along the follower that begins first, as that one binds. */
    private static List<String> chain(
            List<Planned> planned, Map<String, List<Step>> followers, Map<String, Planned> placed) {
        List<String> chain = new ArrayList<>();
        Optional<Planned> at = planned.stream().findFirst();
        while (at.isPresent()) {
            chain.add(at.get().step().name());
            at = followers.getOrDefault(at.get().step().name(), List.of()).stream()
                    .flatMap(follower -> Optional.ofNullable(placed.get(follower.name())).stream())
                    .min(Comparator.comparing(Planned::startsAt));
        }
        return chain;
    }

    /** The plan by day, in order. */
    public Map<LocalDate, List<Planned>> byDay() {
        return planned.stream()
                .collect(Collectors.groupingBy(
                        one -> one.startsAt().toLocalDate(),
                        LinkedHashMap::new,
                        Collectors.mapping(Function.identity(), Collectors.toList())));
    }
}
