package app.carder.web.journal;

import app.carder.core.composition.Composition;
import app.carder.core.composition.Composition.Place;
import app.carder.core.composition.Layout;
import app.carder.core.composition.Sheet;
import java.util.List;

/**
 * The pages of a journal, small and to scale, with what stands where.
 *
 * @param pages in order
 * @param width of the paper, millimetres
 * @param height of the paper, millimetres
 */
public record PageMap(List<Page> pages, int width, int height) {

    private static final int MARGIN = 20;

    /** One page. */
    public record Page(List<Box> boxes) {}

    /**
     * What stands on it.
     *
     * @param id of the piece that it tells
     * @param style by its layout
     * @param x left edge, millimetres
     * @param y upper edge, millimetres
     * @param width millimetres
     * @param height millimetres
     */
    public record Box(String id, String style, double x, double y, double width, double height) {}

    /** The pages that a sheet becomes on A4. */
    static PageMap of(JournalSheet sheet) {
        Composition composition = JournalPages.composition(sheet, Sheet.A4);
        return new PageMap(
                composition.pages().stream()
                        .map(page -> new Page(
                                page.places(Sheet.A4).stream().map(PageMap::box).toList()))
                        .toList(),
                (int) Sheet.A4.width() + 2 * MARGIN,
                (int) Sheet.A4.height() + 2 * MARGIN);
    }

    private static Box box(Place place) {
        Layout layout = place.block().layout();
        return new Box(
                place.block().id(),
                JournalPages.style(layout),
                MARGIN + place.x(),
                MARGIN + place.y(),
                place.width(),
                place.height());
    }
}
