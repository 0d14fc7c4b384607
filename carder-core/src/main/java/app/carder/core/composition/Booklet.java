package app.carder.core.composition;

import java.util.ArrayList;
import java.util.List;

/** Which pages stand side by side on the sheets of a booklet that is folded once in the middle. */
public final class Booklet {

    /** Pages on one sheet of paper, two on either side. */
    private static final int ON_A_SHEET = 4;

    private Booklet() {}

    /**
     * Two pages side by side, counted from 1.
     *
     * @param left the page there; 0 for an empty one
     * @param right the page there; 0 for an empty one
     */
    public record Spread(int left, int right) {}

    /**
     * The sides of the sheets in the order in which they are printed, front and back by turns, the outermost sheet first.
     *
     * @param pages how many there are, 0 or more
     * @throws IllegalArgumentException if there are fewer than none
     */
    public static List<Spread> sides(int pages) {
        if (pages < 0) {
            throw new IllegalArgumentException("Pages must be 0 or more, got %d.".formatted(pages));
        }
        int all = (pages + ON_A_SHEET - 1) / ON_A_SHEET * ON_A_SHEET;
        List<Spread> sides = new ArrayList<>();
        for (int side = 0; side < all / 2; side++) {
            int inner = page(side + 1, pages);
            int outer = page(all - side, pages);
            sides.add(side % 2 == 0 ? new Spread(outer, inner) : new Spread(inner, outer));
        }
        return sides;
    }

    private static int page(int number, int pages) {
        return number <= pages ? number : 0;
    }
}
