package app.carder.core.composition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.composition.Booklet.Spread;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class BookletTest {

    /** The imposition of an eight-page booklet as every manual of bookbinding has it (from memory). */
    @Test
    void putsEightPagesOnTwoSheets() {
        assertThat(Booklet.sides(8))
                .containsExactly(new Spread(8, 1), new Spread(2, 7), new Spread(6, 3), new Spread(4, 5));
    }

    @Test
    void leavesThePagesBehindTheLastEmpty() {
        assertThat(Booklet.sides(5))
                .containsExactly(new Spread(0, 1), new Spread(2, 0), new Spread(0, 3), new Spread(4, 5));
        assertThat(Booklet.sides(0)).isEmpty();
    }

    /** Folds the sheets into each other and turns the leaves. */
    @Test
    void readsInOrderOnceItIsFolded() {
        for (int pages = 1; pages <= 40; pages++) {
            List<Spread> sides = Booklet.sides(pages);
            List<Integer> first = new ArrayList<>();
            List<Integer> second = new ArrayList<>();
            for (int sheet = 0; sheet < sides.size(); sheet += 2) {
                first.add(sides.get(sheet).right());
                first.add(sides.get(sheet + 1).left());
                second.add(0, sides.get(sheet).left());
                second.add(0, sides.get(sheet + 1).right());
            }
            first.addAll(second);
            for (int page = 1; page <= first.size(); page++) {
                assertThat(first.get(page - 1)).isEqualTo(page <= pages ? page : 0);
            }
        }
    }

    @Test
    void refusesFewerPagesThanNone() {
        assertThatThrownBy(() -> Booklet.sides(-1)).hasMessageContaining("0 or more");
    }
}
