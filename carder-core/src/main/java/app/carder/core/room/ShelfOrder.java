package app.carder.core.room;

import app.carder.core.ladder.LadderStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The order of a shelf: from left to right, from low to high in difficulty, so that a child finds the next harder thing beside the one
 * that it knows. Common practice.
 *
 * @param places of the shelf, 1 or more
 * @param items that stand on it, from the left
 */
public record ShelfOrder(int places, List<Item> items) {

    /** The easiest that a card can be called. */
    public static final int EASIEST = 1;

    /** The hardest. */
    public static final int HARDEST = 5;

    /** Keeps its own copy, from the left. */
    public ShelfOrder {
        items = items.stream().sorted(Comparator.comparing(Item::place)).toList();
    }

    /**
     * Something on the shelf.
     *
     * @param id of what stands there
     * @param place from the left, from 0
     * @param level of difficulty; absent where nobody wrote it down
     * @param stays whether it is too heavy to be carried about
     */
    public record Item(String id, int place, Optional<Integer> level, boolean stays) {}

    /**
     * The level of a card on a step: a step is half a step of difficulty.
     *
     * @param difficulty 1 to 5
     */
    public static int level(int difficulty, LadderStep ladderStep) {
        int shift = switch (ladderStep) {
            case SIMPLER -> -1;
            case HARDER -> 1;
            case AS_IS, OTHER_MATERIAL, REAL_LIFE -> 0;
        };
        return difficulty * 2 + shift;
    }

    /** Places on which nothing stands, from the left. */
    public List<Integer> free() {
        Set<Integer> taken = items.stream().map(Item::place).collect(Collectors.toSet());
        return IntStream.range(0, places)
                .filter(place -> !taken.contains(place))
                .boxed()
                .toList();
    }

    /**
     * What stands out of order: the fewest things that would have to move for difficulty never to fall from left to right (all but a
     * longest non-falling run; Fredman 1975). Things without a level are never in the way.
     */
    public List<Item> outOfOrder() {
        List<Item> known =
                items.stream().filter(item -> item.level().isPresent()).toList();
        int[] length = new int[known.size()];
        int[] before = new int[known.size()];
        int best = -1;
        for (int at = 0; at < known.size(); at++) {
            length[at] = 1;
            before[at] = -1;
            for (int left = 0; left < at; left++) {
                if (level(known.get(left)) <= level(known.get(at)) && length[left] + 1 > length[at]) {
                    length[at] = length[left] + 1;
                    before[at] = left;
                }
            }
            if (best < 0 || length[at] > length[best]) {
                best = at;
            }
        }
        List<Item> inOrder = new ArrayList<>();
        for (int at = best; at >= 0; at = before[at]) {
            inOrder.add(known.get(at));
        }
        return known.stream().filter(item -> !inOrder.contains(item)).toList();
    }

    /**
     * The same things on the same places, by difficulty; what is too heavy stays where it is, and what has no level goes to the right.
     */
    public List<Item> ordered() {
        List<Item> movable = items.stream().filter(item -> !item.stays()).toList();
        List<Item> sorted =
                movable.stream().sorted(Comparator.comparing(ShelfOrder::level)).toList();
        List<Item> ordered = new ArrayList<>(items.stream().filter(Item::stays).toList());
        for (int at = 0; at < sorted.size(); at++) {
            Item item = sorted.get(at);
            ordered.add(new Item(item.id(), movable.get(at).place(), item.level(), false));
        }
        ordered.sort(Comparator.comparing(Item::place));
        return ordered;
    }

    /**
     * A free place for something of a level: the first one with nothing harder on its left and nothing easier on its right, else the
     * first free one; absent where the shelf is full.
     */
    public Optional<Integer> placeFor(Optional<Integer> level) {
        List<Integer> free = free();
        return free.stream()
                .filter(place -> level.isEmpty()
                        || items.stream()
                                .filter(item -> item.level().isPresent())
                                .allMatch(item ->
                                        item.place() < place ? level(item) <= level.get() : level(item) >= level.get()))
                .findFirst()
                .or(() -> free.stream().findFirst());
    }

    private static int level(Item item) {
        return item.level().orElse(Integer.MAX_VALUE);
    }
}
