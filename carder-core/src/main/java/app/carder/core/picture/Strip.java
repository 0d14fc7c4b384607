package app.carder.core.picture;

import app.carder.core.card.Arrangement;
import app.carder.core.picture.Packing.Item;
import app.carder.core.picture.Packing.Put;
import app.carder.core.picture.Region.Rectangle;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Things side by side that are as much as they are: a column beside the tray, or a strip below it.
 *
 * @param put where each lies, from the upper left corner
 */
record Strip(List<Put> put) {

    private static final double RIM = 8;
    private static final double GROWTH = 1.2;
    private static final int TRIES = 60;

    /** Keeps its own copy. */
    Strip {
        put = List.copyOf(put);
    }

    /** In a column that is no higher than it may be unless one thing is, and as wide as it needs. */
    static Strip standing(List<Item> items, double height) {
        double high = Math.max(height, most(items, item -> item.footprint().width()) + RIM);
        double wide = most(items, item -> item.footprint().length()) + RIM;
        for (int attempt = 0; attempt < TRIES; attempt++) {
            List<Put> put = Packing.lay(Arrangement.ROW, items, new Rectangle(0, 0, wide, high))
                    .put();
            if (put.size() == items.size()) {
                return new Strip(put);
            }
            wide *= GROWTH;
        }
        throw new IllegalStateException("Impossible state: a column of any width holds no " + items);
    }

    /** In a strip at least that wide, and as high as it needs. */
    static Strip lying(List<Item> items, double width) {
        double area =
                items.stream().mapToDouble(item -> item.footprint().area()).sum();
        double wide =
                Math.max(Math.max(width, most(items, item -> item.footprint().length()) + RIM), Math.sqrt(area * 2));
        double high = most(items, item -> item.footprint().width()) + RIM;
        for (int attempt = 0; attempt < TRIES; attempt++) {
            List<Put> put = Packing.lay(Arrangement.ROW, items, new Rectangle(0, 0, wide, high))
                    .put();
            if (put.size() == items.size()) {
                return atTheCorner(put);
            }
            high *= GROWTH;
        }
        throw new IllegalStateException("Impossible state: a strip of any height holds no " + items);
    }

    private static double most(List<Item> items, ToDoubleFunction<Item> measure) {
        return items.stream().mapToDouble(measure).max().orElse(0);
    }

    private static Strip atTheCorner(List<Put> put) {
        double left = put.stream()
                .mapToDouble(one -> one.x() - one.across() / 2)
                .min()
                .orElse(0);
        double top =
                put.stream().mapToDouble(one -> one.y() - one.down() / 2).min().orElse(0);
        return new Strip(put.stream().map(one -> one.moved(-left, -top)).toList());
    }

    boolean isEmpty() {
        return put.isEmpty();
    }

    /** From the left edge to the right end of what lies farthest there. */
    double width() {
        return put.stream().mapToDouble(one -> one.x() + one.across() / 2).max().orElse(0);
    }

    /** From the upper edge to the foot of what lies lowest. */
    double height() {
        return put.stream().mapToDouble(one -> one.y() + one.down() / 2).max().orElse(0);
    }
}
