package app.carder.core.rota;

import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Small groups drawn aside from free choice, so that everybody has been in one within the cycle.
 *
 * <p>Each child is in one group of the cycle, and so at most one a day. Who goes when is a matching of children with places, found
 * by augmenting paths (Kuhn 1955): if any arrangement places so many children, this one does. Whoever is deep in play now is kept out
 * of the group that is next as long as as many children find a place without: places in it are offered to them last, after all others
 * have been tried.
 *
 * @param groups with at least one child, in order
 * @param unplaced children for whom no place is left, with why
 */
public record FocusGroups(List<Group> groups, List<Unplaced> unplaced) {

    /** Keeps its own copies. */
    public FocusGroups {
        groups = List.copyOf(groups);
        unplaced = List.copyOf(unplaced);
    }

    /** What a child is doing now. */
    public enum Now {
        /** Deep in play: involvement 4 or 5. */
        DEEP,
        /** Anything else, or not known. */
        FREE
    }

    /**
     * A child who is to be in a group.
     *
     * @param id its own
     * @param name for people
     * @param days days of the cycle, by index, on which the child attends
     * @param waitingDays days since the child was last in a group; the longest waiting go first
     * @param now what it is doing
     */
    public record Child(String id, String name, Set<Integer> days, int waitingDays, Now now) {
        /** Keeps its own copy. */
        public Child {
            days = Set.copyOf(days);
        }
    }

    /**
     * A time for a group.
     *
     * @param day index within the cycle
     * @param session name of the session
     */
    public record Time(int day, String session) {}

    /**
     * A group.
     *
     * @param time when
     * @param children who, the longest waiting first
     */
    public record Group(Time time, List<Child> children) {
        /** Keeps its own copy. */
        public Group {
            children = List.copyOf(children);
        }
    }

    /**
     * A child without a group.
     *
     * @param child who
     * @param because why, in words
     */
    public record Unplaced(Child child, Said because) {}

    /**
     * Draws groups.
     *
     * @param children who have not been in one in this cycle
     * @param times that are left, the next one first
     * @param size at most so many in a group, 1 to 12
     * @throws IllegalArgumentException if the size is out of range
     */
    public static FocusGroups of(List<Child> children, List<Time> times, int size) {
        if (size < 1 || size > 12) {
            throw Refused.because("refused.focus-groups.a-focus-group", size);
        }
        Matching matching = new Matching(times, size);
        List<Child> byNeed = children.stream()
                .sorted(Comparator.comparingInt((Child child) ->
                                matching.times(child, Offer.ALL).size())
                        .thenComparing(
                                Comparator.comparingInt(Child::waitingDays).reversed())
                        .thenComparing(Child::name))
                .toList();
        for (Offer offer : Offer.values()) {
            byNeed.forEach(child -> matching.place(child, offer));
        }
        return new FocusGroups(
                matching.groups(),
                byNeed.stream()
                        .filter(child -> !matching.has(child))
                        .map(child -> new Unplaced(child, matching.why(child)))
                        .toList());
    }

    private enum Offer {
        BUT_FOR_THE_NEXT,
        ALL
    }

    private static final class Matching {
        private final List<Time> times;
        private final int size;
        private final List<List<Child>> places = new ArrayList<>();
        private final Map<Child, Integer> at = new HashMap<>();

        private Matching(List<Time> times, int size) {
            this.times = times;
            this.size = size;
            times.forEach(time -> places.add(new ArrayList<>()));
        }

        private boolean has(Child child) {
            return at.containsKey(child);
        }

        private List<Integer> times(Child child, Offer offer) {
            List<Integer> possible = new ArrayList<>();
            for (int time = 0; time < times.size(); time++) {
                boolean keptOut = time == 0 && child.now() == Now.DEEP && offer == Offer.BUT_FOR_THE_NEXT;
                if (child.days().contains(times.get(time).day()) && !keptOut) {
                    possible.add(time);
                }
            }
            return possible;
        }

        private void place(Child child, Offer offer) {
            if (!has(child)) {
                move(child, offer, new HashSet<>());
            }
        }

        private boolean move(Child child, Offer offer, Set<Integer> tried) {
            List<Integer> possible = times(child, offer);
            for (int time : possible) {
                if (!tried.contains(time) && places.get(time).size() < size) {
                    put(child, time);
                    return true;
                }
            }
            for (int time : possible) {
                if (tried.add(time)) {
                    for (Child other : List.copyOf(places.get(time))) {
                        if (move(other, offer, tried)) {
                            put(child, time);
                            return true;
                        }
                    }
                }
            }
            return false;
        }

        private void put(Child child, int time) {
            Integer before = at.put(child, time);
            if (before != null) {
                places.get(before).remove(child);
            }
            places.get(time).add(child);
        }

        private Said why(Child child) {
            return times(child, Offer.ALL).isEmpty()
                    ? Said.of("focus.no-group-left")
                    : Said.of("focus.full", child.name());
        }

        private List<Group> groups() {
            List<Group> groups = new ArrayList<>();
            for (int time = 0; time < times.size(); time++) {
                if (!places.get(time).isEmpty()) {
                    groups.add(new Group(
                            times.get(time),
                            places.get(time).stream()
                                    .sorted(Comparator.comparingInt(Child::waitingDays)
                                            .reversed()
                                            .thenComparing(Child::name))
                                    .toList()));
                }
            }
            return groups;
        }
    }
}
