package app.carder.web.page;

import java.util.List;
import org.springframework.data.domain.Slice;

/**
 * One page of a list.
 *
 * @param rows of this page
 * @param number from 0
 * @param hasNext whether there are more
 * @param <T> a row
 */
public record Paging<T>(List<T> rows, int number, boolean hasNext) {

    /** The most rows on a page. */
    public static final int ROWS = 25;

    /** Keeps its own copy. */
    public Paging {
        rows = List.copyOf(rows);
    }

    /** From a slice of a query. */
    public static <T> Paging<T> of(Slice<T> slice) {
        return new Paging<>(slice.getContent(), slice.getNumber(), slice.hasNext());
    }

    /** One page of a list that is at hand as a whole. */
    public static <T> Paging<T> of(List<T> all, int asked) {
        int from = Math.min(number(asked) * ROWS, all.size());
        int to = Math.min(from + ROWS, all.size());
        return new Paging<>(all.subList(from, to), number(asked), to < all.size());
    }

    /** A page number from a request, never below 0. */
    public static int number(int asked) {
        return Math.max(0, Math.min(asked, 100_000));
    }

    /** Whether there are earlier rows. */
    public boolean hasPrevious() {
        return number > 0;
    }
}
