package app.carder.core.composition;

import java.util.ArrayList;
import java.util.List;

/**
 * A way in which an element can stand, and how well that suits it.
 *
 * @param layout which
 * @param half whether it takes half of the width
 * @param height millimetres, rounded up
 * @param cost 0 for what suits it best
 */
record Shape(Layout layout, boolean half, int height, double cost) {

    /** Photos are shown three high to four wide. */
    private static final double PICTURE = 0.75;

    /** The line of the day, in bold, and the line of the areas, in small letters. */
    private static final double HEAD = 2.7;

    /** Another line of areas, where these stand in half of the width. */
    private static final double MORE_AREAS = 1.2;

    /** A drawing of figures is about half as high as it is wide. */
    private static final double CHART = 0.5;

    private static final int MOST_IN_A_STRIP = 4;
    private static final double SECOND_BEST = 0.12;
    private static final double NOT_BY_ITSELF = 5;
    private static final int LONG_FOR_A_COLUMN = 14;
    private static final double FEW_BESIDE_A_PHOTO = 8;

    /** Lines of the text that the name, the period and the edge of the cover take; they reach into the margin at the top. */
    private static final double COVER_LINES = 6.8;

    /** How high the drawing on the cover is, of its width, beyond a line of the text. */
    private static final double BAND = 0.09;

    /** Letters of the words on the cover, against those of the text. */
    private static final double GREETING = 1.2;

    /** Letters of what a child said, against those of the text. */
    private static final double QUOTED = 1.5;

    /** Frame, border and the space inside, millimetres. */
    private static final double EDGES = 6;

    /** How high anything may be, so that a heading of two lines still stands over it, millimetres. */
    static double room(Sheet sheet) {
        return sheet.height() - 2 * sheet.line() * QUOTED - EDGES - Composition.BETWEEN;
    }

    /** The shapes of one element or a part of one; those that do not go on the sheet are among them. */
    static List<Shape> of(Element element, Sheet sheet) {
        List<Shape> shapes = new ArrayList<>();
        List<TextWidth> texts = element.words().stream().map(TextWidth::of).toList();
        List<Layout> layouts = element.wished()
                .filter(element.layouts()::contains)
                .map(List::of)
                .orElse(element.layouts());
        for (int at = 0; at < layouts.size(); at++) {
            Layout layout = layouts.get(at);
            double cost = at * SECOND_BEST;
            double full = full(element, texts, layout, sheet);
            boolean byItself = layout != Layout.FULL_PAGE || element.wished().isPresent();
            shapes.add(new Shape(
                    layout, false, up(full), byItself ? cost + beside(texts.get(0), layout, sheet) : NOT_BY_ITSELF));
            if (isNarrow(element, layout)) {
                double half = half(texts.get(0), layout, sheet);
                boolean isLong = sheet.height(texts.get(0), sheet.half()) > LONG_FOR_A_COLUMN * sheet.line();
                shapes.add(new Shape(layout, true, up(half), cost + (isLong ? SECOND_BEST : 0)));
            }
        }
        return shapes;
    }

    /** Few words beside a large photo leave a hole. */
    private static double beside(TextWidth words, Layout layout, Sheet sheet) {
        if (layout != Layout.PHOTO_LED) {
            return 0;
        }
        double lines = sheet.height(words, sheet.half()) / sheet.line();
        return SECOND_BEST * Math.max(0, 1 - lines / FEW_BESIDE_A_PHOTO);
    }

    private static boolean isNarrow(Element element, Layout layout) {
        return switch (layout) {
            case PHOTO_LED, QUOTE -> true;
            case WORDS_LED -> element.pictures() == 0;
            default -> false;
        };
    }

    private static double full(Element element, List<TextWidth> texts, Layout layout, Sheet sheet) {
        TextWidth words = texts.get(0);
        double width = sheet.width() - EDGES;
        return switch (layout) {
            case COVER ->
                COVER_LINES * sheet.line() + width * BAND + sheet.height(words, width, sheet.size() * GREETING);
            case HEADING -> sheet.height(words, width, sheet.size() * QUOTED) + EDGES;
            case PHOTO_LED -> {
                double picture = width * 0.48;
                yield head(sheet) + Math.max(picture * PICTURE, sheet.height(words, width - picture - sheet.gap()));
            }
            case WORDS_LED -> {
                double picture = element.pictures() == 0 ? 0 : width * 0.3;
                double beside = element.pictures() == 0 ? 0 : sheet.gap();
                yield head(sheet) + Math.max(picture * PICTURE, sheet.height(words, width - picture - beside));
            }
            case STRIP -> head(sheet) + row(element.pictures(), width) + sheet.height(words, width);
            case FULL_PAGE -> {
                double under = head(sheet) + EDGES + sheet.height(words, width);
                yield Math.max(Math.floor(room(sheet)), width * PICTURE + under);
            }
            case PAIR ->
                head(sheet) * 2
                        + (element.pictures() == 0 ? 0 : (sheet.half() - EDGES) * PICTURE + EDGES)
                        + Math.max(
                                sheet.height(words, sheet.half() - EDGES),
                                sheet.height(texts.get(1), sheet.half() - EDGES));
            case CHART -> head(sheet) + width * CHART + sheet.height(words, width);
            case QUOTE -> EDGES + sheet.line() + sheet.height(words, width - 2 * EDGES, sheet.size() * QUOTED);
            case BOX -> 2 * EDGES + sheet.height(words, width - 2 * EDGES);
        };
    }

    /** Pictures side by side, with the space under them; one alone is no larger than one of two. */
    private static double row(int all, double width) {
        int pictures = Math.max(2, Math.min(MOST_IN_A_STRIP, all));
        return (width - (pictures - 1) * EDGES / 2) / pictures * PICTURE + EDGES;
    }

    private static double half(TextWidth words, Layout layout, Sheet sheet) {
        double width = sheet.half() - EDGES;
        return switch (layout) {
            case PHOTO_LED -> narrowHead(sheet) + width * PICTURE + EDGES + sheet.height(words, width);
            case QUOTE -> EDGES + sheet.line() + sheet.height(words, width - EDGES, sheet.size() * QUOTED);
            default -> narrowHead(sheet) + sheet.height(words, width);
        };
    }

    /** The day above it and the areas below, with what lies between. */
    private static double head(Sheet sheet) {
        return HEAD * sheet.size() + EDGES / 2;
    }

    private static double narrowHead(Sheet sheet) {
        return head(sheet) + MORE_AREAS * sheet.size();
    }

    private static int up(double height) {
        return (int) Math.ceil(height);
    }
}
