package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.ladder.LadderStep;
import app.carder.core.room.ShelfOrder.Item;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ShelfOrderTest {

    @Test
    void tellsFreePlacesFromTheLeft() {
        assertThat(new ShelfOrder(4, List.of(item("b", 2, 3), item("a", 0, 1))).free())
                .containsExactly(1, 3);
    }

    @Test
    void namesTheFewestThingsThatStandOutOfOrder() {
        ShelfOrder shelf =
                new ShelfOrder(5, List.of(item("a", 0, 2), item("b", 1, 9), item("c", 2, 4), item("d", 3, 4)));

        assertThat(shelf.outOfOrder()).extracting(Item::id).containsExactly("b");
    }

    /** Against every subset of the shelf: no smaller set of things has to move. */
    @Test
    void noSmallerSetWouldDo() {
        Random random = new Random(11);
        for (int round = 0; round < 200; round++) {
            List<Item> items = IntStream.range(0, 7)
                    .mapToObj(place -> item("i" + place, place, 1 + random.nextInt(5)))
                    .toList();

            assertThat(new ShelfOrder(7, items).outOfOrder()).hasSize(7 - longestRising(items));
        }
    }

    private static int longestRising(List<Item> items) {
        int best = 0;
        for (int subset = 0; subset < 1 << items.size(); subset++) {
            int chosen = subset;
            List<Integer> levels = IntStream.range(0, items.size())
                    .filter(at -> (chosen >> at & 1) == 1)
                    .mapToObj(at -> items.get(at).level().orElseThrow())
                    .toList();
            if (levels.equals(levels.stream().sorted().toList())) {
                best = Math.max(best, levels.size());
            }
        }
        return best;
    }

    @Test
    void sortsByDifficultyOnTheSamePlacesAndLeavesHeavyThingsWhereTheyStand() {
        Item heavy = new Item("water", 1, Optional.of(2), true);
        ShelfOrder shelf =
                new ShelfOrder(6, List.of(item("hard", 0, 9), heavy, item("unknown", 3), item("easy", 5, 3)));

        assertThat(shelf.ordered()).extracting(Item::id).containsExactly("easy", "water", "hard", "unknown");
        assertThat(shelf.ordered()).extracting(Item::place).containsExactly(0, 1, 3, 5);
    }

    @Test
    void offersTheFreePlaceBetweenEasierAndHarder() {
        ShelfOrder shelf = new ShelfOrder(5, List.of(item("easy", 1, 2), item("hard", 3, 8)));

        assertThat(shelf.placeFor(Optional.of(4))).contains(2);
        assertThat(shelf.placeFor(Optional.of(1))).contains(0);
        assertThat(shelf.placeFor(Optional.of(9))).contains(4);
        assertThat(shelf.placeFor(Optional.empty())).contains(0);
    }

    @Test
    void offersAnyFreePlaceWhereNoneKeepsTheOrderAndNoneOnAFullShelf() {
        ShelfOrder noGap = new ShelfOrder(3, List.of(item("easy", 0, 2), item("hard", 1, 8)));

        assertThat(noGap.placeFor(Optional.of(4))).contains(2);
        assertThat(new ShelfOrder(1, List.of(item("easy", 0, 2))).placeFor(Optional.of(4)))
                .isEmpty();
    }

    @Test
    void aStepIsHalfAStepOfDifficulty() {
        assertThat(ShelfOrder.level(2, LadderStep.HARDER))
                .isBetween(ShelfOrder.level(2, LadderStep.AS_IS), ShelfOrder.level(3, LadderStep.SIMPLER));
        assertThat(ShelfOrder.level(3, LadderStep.SIMPLER)).isLessThan(ShelfOrder.level(3, LadderStep.AS_IS));
    }

    private static Item item(String id, int place, int level) {
        return new Item(id, place, Optional.of(level), false);
    }

    private static Item item(String id, int place) {
        return new Item(id, place, Optional.empty(), false);
    }
}
