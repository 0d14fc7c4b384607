package app.carder.core.picture;

import app.carder.core.card.Arrangement;
import app.carder.core.look.Spread;
import app.carder.core.picture.Region.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Lays pieces out in a region, so that none lies on another and none over the edge. Whatever does not go in is left out. */
final class Packing {

    /** Room between two things that are set out with care, in millimetres. */
    static final double ROOMY = 22;
    /** The least that fingers need. */
    static final double CLOSE = 4;
    /** As they fall. */
    private static final double TOUCHING = 0.6;

    private static final int TRIES = 24;
    private static final double MOST_TURN = 24;

    /**
     * One piece that is to be laid out.
     *
     * @param kind which of the kinds it is, from 0
     * @param number among its kind, from 1
     * @param footprint room that it takes up
     */
    record Item(int kind, int number, Footprint footprint) {}

    /**
     * One piece where it lies.
     *
     * @param x of its middle
     * @param y of its middle
     * @param turn in degrees
     */
    record Put(Item item, double x, double y, double turn) {
        double across() {
            return item.footprint().across(turn);
        }

        double down() {
            return item.footprint().down(turn);
        }

        Put moved(double byX, double byY) {
            return new Put(item, x + byX, y + byY, turn);
        }
    }

    /**
     * What came of it.
     *
     * @param put in the order of the items
     * @param slots boxes that were made for them: left, top, width, height
     * @param asWished whether the arrangement held all that lie there
     */
    record Result(List<Put> put, List<Region.Rectangle> slots, boolean asWished) {
        Result {
            put = List.copyOf(put);
            slots = List.copyOf(slots);
        }
    }

    /** A box of a row: one piece, or two that belong together. */
    private record Cell(List<Put> put, double width, double height) {
        static Cell of(Item item, double turn) {
            return new Cell(
                    List.of(new Put(item, 0, 0, turn)),
                    item.footprint().across(turn),
                    item.footprint().down(turn));
        }

        /** Side by side. */
        static Cell pair(Item one, Item other) {
            double w1 = one.footprint().across(0);
            double w2 = other.footprint().across(0);
            double width = w1 + CLOSE + w2;
            return new Cell(
                    List.of(new Put(one, (w1 - width) / 2, 0, 0), new Put(other, (width - w2) / 2, 0, 0)),
                    width,
                    Math.max(one.footprint().down(0), other.footprint().down(0)));
        }
    }

    private record Placed(Cell cell, double x, double y) {
        List<Put> put() {
            return cell.put().stream().map(put -> put.moved(x, y)).toList();
        }

        Region.Rectangle box() {
            return new Region.Rectangle(x - cell.width() / 2, y - cell.height() / 2, cell.width(), cell.height());
        }
    }

    private Packing() {}

    /** Lays out what there is as it is wished; closer together where that does not hold all. */
    static Result lay(Arrangement arrangement, List<Item> items, Region region) {
        if (items.isEmpty()) {
            return new Result(List.of(), List.of(), true);
        }
        Optional<Result> wished = switch (arrangement) {
            case ROW -> roomiest(gap -> rows(upright(items, region), region, gap, false), items);
            case HEAP -> Optional.empty();
            case PAIRS -> roomiest(gap -> rows(pairs(items), region, gap, false), items);
            case SLOTS -> slots(items, region);
            case FREE -> scattered(items, region);
            case RING -> Rings.lay(items, region);
        };
        return wished.orElseGet(() -> {
            List<Put> heap = heap(items, region);
            return new Result(heap, List.of(), arrangement == Arrangement.HEAP && heap.size() == items.size());
        });
    }

    /** With as much room between them as lets all in. */
    private static Optional<Result> roomiest(Function<Double, List<Placed>> lay, List<Item> items) {
        for (double gap : new double[] {ROOMY, ROOMY / 2, CLOSE}) {
            List<Put> put = flat(lay.apply(gap));
            if (put.size() == items.size()) {
                return Optional.of(new Result(put, List.of(), true));
            }
        }
        return Optional.empty();
    }

    private static List<Put> flat(List<Placed> placed) {
        return placed.stream().flatMap(one -> one.put().stream()).toList();
    }

    /** Lying along the row; standing across it where it is longer than the row has room for. */
    private static List<Cell> upright(List<Item> items, Region region) {
        double along = items.stream()
                .mapToDouble(item -> item.footprint().across(0) + CLOSE)
                .sum();
        return items.stream()
                .map(item -> Cell.of(
                        item,
                        along > region.width()
                                        && isLong(item)
                                        && item.footprint().length() < region.height()
                                ? 90
                                : 0))
                .toList();
    }

    private static boolean isLong(Item item) {
        return item.footprint().length() > 1.3 * item.footprint().width();
    }

    /** One of each of two kinds, where there are as many of both; else two that follow each other. */
    private static List<Cell> pairs(List<Item> items) {
        List<Item> first = items.stream()
                .filter(item -> item.kind() == items.get(0).kind())
                .toList();
        List<Item> rest = items.stream()
                .filter(item -> item.kind() != items.get(0).kind())
                .toList();
        boolean isTwoKinds = first.size() == rest.size()
                && rest.stream().mapToInt(Item::kind).distinct().count() == 1;
        List<Cell> cells = new ArrayList<>();
        if (isTwoKinds) {
            for (int at = 0; at < first.size(); at++) {
                cells.add(Cell.pair(first.get(at), rest.get(at)));
            }
            return cells;
        }
        for (int at = 0; at < items.size(); at += 2) {
            cells.add(at + 1 < items.size() ? Cell.pair(items.get(at), items.get(at + 1)) : Cell.of(items.get(at), 0));
        }
        return cells;
    }

    private static Optional<Result> slots(List<Item> items, Region region) {
        double widest = items.stream()
                .mapToDouble(item -> item.footprint().across(0))
                .max()
                .orElseThrow();
        double highest = items.stream()
                .mapToDouble(item -> item.footprint().down(0))
                .max()
                .orElseThrow();
        for (double rim : new double[] {ROOMY / 2, CLOSE}) {
            List<Cell> cells = items.stream()
                    .map(item -> new Cell(List.of(new Put(item, 0, 0, 0)), widest + 2 * rim, highest + 2 * rim))
                    .toList();
            List<Placed> placed = rows(cells, region, TOUCHING, false);
            if (placed.size() == items.size()) {
                return Optional.of(new Result(
                        flat(placed), placed.stream().map(Placed::box).toList(), true));
            }
        }
        return Optional.empty();
    }

    /** Turned a little, here and there: always the same for the same things. */
    private static Optional<Result> scattered(List<Item> items, Region region) {
        for (double turn : new double[] {MOST_TURN, MOST_TURN / 2, 0}) {
            List<Cell> cells = new ArrayList<>();
            for (int at = 0; at < items.size(); at++) {
                cells.add(Cell.of(items.get(at), turn * Spread.of(at, 3)));
            }
            for (double gap : new double[] {ROOMY * 2, ROOMY, CLOSE}) {
                List<Placed> placed = rows(cells, region, gap, true);
                if (placed.size() == items.size()) {
                    return Optional.of(new Result(flat(spread(placed, region, gap)), List.of(), true));
                }
            }
        }
        return Optional.empty();
    }

    /** Each a little off the row that it would stand in, by less than half of the gap. */
    private static List<Placed> spread(List<Placed> placed, Region region, double gap) {
        List<Placed> spread = new ArrayList<>(placed.size());
        for (int at = 0; at < placed.size(); at++) {
            Placed one = placed.get(at);
            Placed off = new Placed(
                    one.cell(), one.x() + Spread.of(at, 2) * gap * 0.48, one.y() + Spread.of(at, 5) * gap * 0.48);
            spread.add(holds(region, off) ? off : one);
        }
        return spread;
    }

    private static boolean holds(Region region, Placed placed) {
        return placed.put().stream()
                .allMatch(put -> region.holds(put.item().footprint(), put.x(), put.y(), put.turn()));
    }

    /** As many as go in, close together about the middle. */
    private static List<Put> heap(List<Item> items, Region region) {
        List<Put> comb = honeycomb(items, region);
        if (comb.size() == items.size()) {
            return comb;
        }
        List<Put> rows = heapedRows(items, region);
        return rows.size() > comb.size() ? rows : comb;
    }

    /** Discs of one size lie closest in a honeycomb; nothing where they are not that. */
    private static List<Put> honeycomb(List<Item> items, Region region) {
        Footprint footprint = items.get(0).footprint();
        if (!footprint.isRound()
                || items.stream().anyMatch(item -> !item.footprint().equals(footprint))) {
            return List.of();
        }
        double pitch = footprint.length() + TOUCHING;
        double row = pitch * Math.sqrt(3) / 2;
        List<Put> best = List.of();
        for (double shift : new double[] {0, 0.5}) {
            List<Put> cells = new ArrayList<>();
            int rows = (int) (region.height() / row / 2) + 1;
            int columns = (int) (region.width() / pitch / 2) + 2;
            for (int down = -rows; down <= rows; down++) {
                double y = region.middleY() + (down + shift) * row;
                double offset = Math.floorMod(down, 2) / 2.0 + shift / 2;
                for (int across = -columns; across <= columns; across++) {
                    double x = region.middleX() + (across + offset) * pitch;
                    if (region.holds(footprint, x, y, 0)) {
                        cells.add(new Put(items.get(0), x, y, 0));
                    }
                }
            }
            cells.sort(Comparator.comparingDouble(
                    cell -> Math.hypot(cell.x() - region.middleX(), cell.y() - region.middleY())));
            if (cells.size() > best.size()) {
                best = cells;
            }
            if (cells.size() >= items.size()) {
                break;
            }
        }
        List<Put> put = new ArrayList<>();
        for (int at = 0; at < Math.min(items.size(), best.size()); at++) {
            put.add(new Put(items.get(at), best.get(at).x(), best.get(at).y(), 0));
        }
        return put;
    }

    private static List<Put> heapedRows(List<Item> items, Region region) {
        List<Cell> cells = items.stream().map(item -> Cell.of(item, 0)).toList();
        double area =
                items.stream().mapToDouble(item -> item.footprint().area()).sum();
        double radius = Math.sqrt(area * 1.35 / Math.PI)
                + items.stream()
                                .mapToDouble(item -> item.footprint().length())
                                .max()
                                .orElse(0)
                        / 2;
        for (double grown = radius; grown < region.inner(); grown *= 1.12) {
            List<Put> put =
                    flat(rows(cells, new Region.Circle(region.middleX(), region.middleY(), grown), TOUCHING, false));
            if (put.size() == items.size()) {
                return put;
            }
        }
        List<Put> lying = flat(rows(cells, region, TOUCHING, false));
        if (lying.size() == items.size()) {
            return lying;
        }
        List<Cell> across =
                items.stream().map(item -> Cell.of(item, isLong(item) ? 90 : 0)).toList();
        List<Put> standing = flat(rows(across, region, TOUCHING, false));
        return standing.size() > lying.size() ? standing : lying;
    }

    /** Rows from left to right and from the top down, in the middle of the region. */
    private static List<Placed> rows(List<Cell> cells, Region region, double gap, boolean isSpread) {
        List<Placed> fromTop = rowsFrom(cells, region, gap, region.top() + edge(region, gap), isSpread);
        if (fromTop.isEmpty()) {
            return fromTop;
        }
        double top = fromTop.stream().mapToDouble(one -> one.box().top()).min().orElseThrow();
        double foot = fromTop.stream()
                .mapToDouble(one -> one.box().top() + one.box().height())
                .max()
                .orElseThrow();
        List<Placed> middle = rowsFrom(cells, region, gap, region.middleY() - (foot - top) / 2, isSpread);
        return middle.size() >= fromTop.size() ? middle : fromTop;
    }

    /** Room to the edge: a little, so that an outline does not lie on another. */
    private static double edge(Region region, double gap) {
        return Math.min(gap / 2, Math.min(region.width(), region.height()) / 40);
    }

    private static List<Placed> rowsFrom(List<Cell> cells, Region region, double gap, double start, boolean isSpread) {
        List<Placed> placed = new ArrayList<>(cells.size());
        double foot = region.top() + region.height();
        double step = region.height() / TRIES;
        double y = start;
        int at = 0;
        while (at < cells.size() && y < foot) {
            int from = at;
            double height = 0;
            double width = 0;
            while (at < cells.size()) {
                Cell cell = cells.get(at);
                double higher = Math.max(height, cell.height());
                double wider = width + (at == from ? 0 : gap) + cell.width();
                Optional<Span> span = region.span(y, y + higher);
                if (span.isEmpty() || span.get().length() < wider) {
                    break;
                }
                height = higher;
                width = wider;
                at++;
            }
            if (at == from) {
                y += step;
                if (y >= foot) {
                    // Too large for what is left of the region: the next one may be smaller.
                    at++;
                    y = placed.isEmpty() ? start : lowest(placed) + gap;
                }
                continue;
            }
            Span span = region.span(y, y + height).orElseThrow();
            double more = isSpread ? Math.max(0, span.length() - width) / (at - from + 1) : 0;
            double x = isSpread ? span.from() + more : span.middle() - width / 2;
            for (Cell cell : cells.subList(from, at)) {
                placed.add(new Placed(cell, x + cell.width() / 2, y + height / 2));
                x += cell.width() + gap + more;
            }
            y += height + gap;
        }
        return placed;
    }

    private static double lowest(List<Placed> placed) {
        return placed.stream()
                .mapToDouble(one -> one.box().top() + one.box().height())
                .max()
                .orElseThrow();
    }
}
