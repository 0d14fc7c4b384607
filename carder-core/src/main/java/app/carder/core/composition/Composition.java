package app.carder.core.composition;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The pages of a journal: rows from top to bottom, one block over the whole width or two beside each other.
 *
 * <p>The order of the elements is kept. What each looks like, which two stand side by side and where a page ends is chosen together, so
 * that the sum of four things is least: a price for each page, the square of the share of each page that stays free (of the last one a little, and more where
 * hardly anything stands on it), and what a shape costs that suits an element less. That is found exactly, by dynamic programming over the
 * places where a page can begin (the idea of Knuth and Plass 1981, Software: Practice and Experience 11:1119, from memory, for pages).
 *
 * @param pages in order
 */
public record Composition(List<Page> pages) {

    /** Between two rows, millimetres. */
    static final int BETWEEN = 7;

    private static final double PAGE = 0.6;
    private static final double LAST_PAGE = 0.15;
    private static final double HARDLY_ANYTHING = 0.5;
    private static final double HARDLY = 0.2;
    private static final double HEADING_ALONE = 100;
    private static final double NEVER = Double.POSITIVE_INFINITY;

    /** Keeps its own copy. */
    public Composition {
        pages = List.copyOf(pages);
    }

    /**
     * One page.
     *
     * @param rows from the top
     */
    public record Page(List<Row> rows) {

        /** Keeps its own copy. */
        public Page {
            rows = List.copyOf(rows);
        }

        /** Where its blocks stand on a sheet. */
        public List<Place> places(Sheet sheet) {
            List<Place> places = new ArrayList<>();
            double top = 0;
            for (Row row : rows) {
                double left = 0;
                for (Block block : row.blocks()) {
                    double width = block.half() ? sheet.half() : sheet.width();
                    places.add(new Place(block, left, top, width, block.height()));
                    left += width + sheet.gap();
                }
                top += row.height() + BETWEEN;
            }
            return places;
        }
    }

    /**
     * Where a block stands, in millimetres from the upper left corner within the margins.
     *
     * @param block which
     * @param x its left edge
     * @param y its upper edge
     * @param width of it
     * @param height of it
     */
    public record Place(Block block, double x, double y, double width, double height) {}

    /**
     * One row.
     *
     * @param blocks one, or two side by side
     */
    public record Row(List<Block> blocks) {

        /** Keeps its own copy. */
        public Row {
            blocks = List.copyOf(blocks);
        }

        /** Millimetres. */
        public int height() {
            return blocks.stream().mapToInt(Block::height).max().orElse(0);
        }
    }

    /** The pages of some elements on a sheet; none where there are no elements. */
    public static Composition of(List<Element> elements, Sheet sheet) {
        List<Element> parts = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        for (Element element : elements) {
            List<Element> cut = Parts.of(element, sheet);
            for (int number = 0; number < cut.size(); number++) {
                parts.add(cut.get(number));
                numbers.add(number);
            }
        }
        return new Composition(new Search(parts, numbers, sheet).pages());
    }

    /**
     * How much room an element takes by itself, in quarters of a page: its least area, 1 or more.
     *
     * @param element not a heading
     * @param sheet what it stands on
     */
    public static int quarters(Element element, Sheet sheet) {
        double least = Parts.of(element, sheet).stream()
                .mapToDouble(part -> Shape.of(part, sheet).stream()
                        .mapToDouble(shape -> (shape.height() + BETWEEN) * (shape.half() ? 0.5 : 1))
                        .min()
                        .orElseThrow())
                .sum();
        return Math.max(1, (int) Math.round(4 * least / sheet.height()));
    }

    /** All blocks in the order in which they are read. */
    public List<Block> blocks() {
        return pages.stream()
                .flatMap(page -> page.rows().stream())
                .flatMap(row -> row.blocks().stream())
                .toList();
    }

    /** A row that ends at some element and at some height of the page. */
    private record Step(double cost, int from, int height, List<Shape> shapes) {}

    /** Where the pages end. */
    private static final class Search {
        private final List<Element> parts;
        private final List<Integer> numbers;
        private final List<List<Shape>> shapes;
        private final int high;
        private final double[] least;
        private final List<List<Step>> ending;

        Search(List<Element> parts, List<Integer> numbers, Sheet sheet) {
            this.parts = parts;
            this.numbers = numbers;
            this.high = (int) sheet.height();
            this.shapes = parts.stream().map(part -> Shape.of(part, sheet)).toList();
            this.least = new double[parts.size() + 1];
            this.ending = new ArrayList<>();
        }

        List<Page> pages() {
            Arrays.fill(least, NEVER);
            least[0] = 0;
            for (int i = 0; i <= parts.size(); i++) {
                ending.add(List.of());
            }
            int[] begins = new int[parts.size() + 1];
            for (int from = 0; from < parts.size(); from++) {
                if (least[from] < NEVER) {
                    page(from, begins);
                }
            }
            List<Page> pages = new ArrayList<>();
            for (int end = parts.size(); end > 0; end = begins[end]) {
                pages.add(0, page(begins[end], ending.get(end)));
            }
            return pages;
        }

        /** All pages that begin at an element; the best one up to each end is kept. */
        private void page(int from, int[] begins) {
            int reach = parts.size() - from + 1;
            Step[][] best = new Step[reach][];
            best[0] = new Step[high + 1];
            best[0][0] = new Step(0, -1, 0, List.of());
            for (int at = 0; at < reach; at++) {
                if (best[at] == null) {
                    continue;
                }
                for (int height = 0; height <= high; height++) {
                    if (best[at][height] != null) {
                        close(from, at, height, best, begins);
                        extend(from, at, height, best);
                    }
                }
            }
        }

        private void close(int from, int at, int height, Step[][] best, int[] begins) {
            int end = from + at;
            if (at == 0) {
                return;
            }
            double free = (high - height) / (double) high;
            double page = end < parts.size()
                    ? free * free
                    : LAST_PAGE * free * free + (1 - free < HARDLY && from > 0 ? HARDLY_ANYTHING : 0);
            boolean headingAlone = parts.get(end - 1).kind() == Element.Kind.HEADING;
            double cost = least[from] + PAGE + page + best[at][height].cost() + (headingAlone ? HEADING_ALONE : 0);
            if (cost < least[end]) {
                least[end] = cost;
                begins[end] = from;
                ending.set(end, steps(best, at, height));
            }
        }

        private static List<Step> steps(Step[][] best, int at, int height) {
            List<Step> steps = new ArrayList<>();
            Step step = best[at][height];
            while (step.from() >= 0) {
                steps.add(0, step);
                step = best[step.from()][step.height()];
            }
            return steps;
        }

        private void extend(int from, int at, int height, Step[][] best) {
            int next = from + at;
            if (next >= parts.size()) {
                return;
            }
            for (Shape shape : shapes.get(next)) {
                if (!shape.half()) {
                    put(best, at, height, List.of(shape));
                } else if (next + 1 < parts.size()) {
                    for (Shape beside : shapes.get(next + 1)) {
                        if (beside.half()) {
                            put(best, at, height, List.of(shape, beside));
                        }
                    }
                }
            }
        }

        private void put(Step[][] best, int at, int height, List<Shape> row) {
            int top = height == 0 ? 0 : height + BETWEEN;
            int low = row.get(0).height();
            int foot = top + row.stream().mapToInt(Shape::height).max().orElse(0);
            if (foot > high) {
                return;
            }
            double uneven = row.size() == 1 ? 0 : Math.abs(low - row.get(1).height()) / (double) high;
            double cost = best[at][height].cost()
                    + row.stream().mapToDouble(Shape::cost).sum()
                    + uneven;
            int end = at + row.size();
            if (best[end] == null) {
                best[end] = new Step[high + 1];
            }
            if (best[end][foot] == null || cost < best[end][foot].cost()) {
                best[end][foot] = new Step(cost, at, height, row);
            }
        }

        private Page page(int from, List<Step> steps) {
            List<Row> rows = new ArrayList<>();
            int next = from;
            for (Step step : steps) {
                List<Block> blocks = new ArrayList<>();
                for (Shape shape : step.shapes()) {
                    Element part = parts.get(next);
                    blocks.add(new Block(
                            part.id(), shape.layout(), shape.half(), numbers.get(next), part.words(), shape.height()));
                    next++;
                }
                rows.add(new Row(blocks));
            }
            return new Page(rows);
        }
    }

    /** The page on which an element begins, from 1. */
    public Optional<Integer> pageOf(String id) {
        for (int page = 0; page < pages.size(); page++) {
            if (pages.get(page).rows().stream()
                    .flatMap(row -> row.blocks().stream())
                    .anyMatch(block -> block.id().equals(id))) {
                return Optional.of(page + 1);
            }
        }
        return Optional.empty();
    }
}
