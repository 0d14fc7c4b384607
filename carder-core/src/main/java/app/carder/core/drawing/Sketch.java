package app.carder.core.drawing;

import app.carder.core.look.Colour;
import app.carder.core.look.Ink;
import app.carder.core.look.Path;
import app.carder.core.look.Stroke;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A drawing. Coordinates are millimetres of the real thing unless the description says otherwise; y grows downwards.
 *
 * @param width of the sheet
 * @param height of the sheet
 * @param title what it shows, in a few words
 * @param description the same facts in a sentence, for who does not see it
 * @param marks what is drawn, from the back to the front
 * @param handles where it can be pulled
 */
public record Sketch(
        double width, double height, String title, String description, List<Mark> marks, List<Handle> handles) {

    /** Keeps its own copies. */
    public Sketch {
        marks = List.copyOf(marks);
        handles = List.copyOf(handles);
    }

    /**
     * The same, to be pulled as well.
     *
     * @param name of the value that is pulled
     * @param label for people
     * @param pull where to
     */
    public Sketch pulled(String name, String label, Pull pull) {
        return new Sketch(
                width,
                height,
                title,
                description,
                marks,
                Stream.concat(
                                handles.stream(),
                                Stream.of(Handle.nearest(name, label, pull.stops(), pull.x(), pull.y())))
                        .toList());
    }

    /**
     * Where something of a drawing can be pulled to.
     *
     * @param stops in the order of their values
     * @param x of where it is
     * @param y of where it is
     */
    public record Pull(List<Handle.Stop> stops, double x, double y) {
        /** Keeps its own copy. */
        public Pull {
            stops = List.copyOf(stops);
        }
    }

    /** Half of how wide a handle is: a fingertip where the drawing fills a phone. */
    public double handle() {
        return Math.max(width, height) / 26;
    }

    /**
     * About how far words reach across, so that they find room beside what they name: a letter is taken for 0.56 of its height, by eye.
     *
     * @param size height of a line
     */
    public static double breadth(String words, double size) {
        return words.length() * size * 0.56;
    }

    /** As an SVG {@code viewBox}. */
    public String viewBox() {
        return "0 0 " + number(width) + " " + number(height);
    }

    /** Its width on paper at true size, where a unit is a millimetre. */
    public String widthMm() {
        return number(width) + "mm";
    }

    /** Its height on paper at true size, where a unit is a millimetre. */
    public String heightMm() {
        return number(height) + "mm";
    }

    /** How a mark is drawn. */
    public enum Style {
        /** A thin outline. */
        OUTLINE,
        /** A wall or a rule. */
        WALL,
        /** What is filled. */
        FILL,
        /** A second fill. */
        FILL_2,
        /** A third fill. */
        FILL_3,
        /** What matters most. */
        ACCENT,
        /** Where something could be, and is not. */
        GHOST;

        /** As a CSS class. */
        public String css() {
            return "mark-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** One of the three fills, in turn. */
        public static Style fill(int at) {
            return List.of(FILL, FILL_2, FILL_3).get(Math.floorMod(at, 3));
        }
    }

    /** One thing that is drawn. */
    public sealed interface Mark {
        /** How. */
        Style style();
    }

    /**
     * A polygon, closed.
     *
     * @param points x and y in turn
     */
    public record Shape(List<Double> points, Style style) implements Mark {
        /** Keeps its own copy. */
        public Shape {
            points = List.copyOf(points);
        }

        /** As an SVG {@code points} attribute. */
        public String svgPoints() {
            List<String> pairs = new ArrayList<>();
            for (int at = 0; at + 1 < points.size(); at += 2) {
                pairs.add(number(points.get(at)) + "," + number(points.get(at + 1)));
            }
            return pairs.stream().collect(Collectors.joining(" "));
        }
    }

    /**
     * A circle.
     *
     * @param x of its middle
     * @param y of its middle
     * @param radius of it
     */
    public record Round(double x, double y, double radius, Style style) implements Mark {}

    /** A straight line. */
    public record Line(double x1, double y1, double x2, double y2, Style style) implements Mark {}

    /**
     * A stroke in colours of its own.
     *
     * @param path where
     * @param face its colour; absent for a line
     * @param hasEdge whether it has an edge of ink
     */
    public record Figure(Path path, Optional<Colour> face, boolean hasEdge) implements Mark {
        @Override
        public Style style() {
            return Style.WALL;
        }
    }

    /**
     * A few words.
     *
     * @param x of its middle
     * @param y of its foot
     * @param size height of a line
     * @param text what it says
     */
    public record Label(double x, double y, double size, String text, Style style) implements Mark {}

    /** Collects marks. */
    public static final class Sheet {
        private final List<Mark> marks = new ArrayList<>();

        /** A rectangle by its upper left corner. */
        public Sheet box(double x, double y, double width, double height, Style style) {
            return shape(style, x, y, x + width, y, x + width, y + height, x, y + height);
        }

        /** A polygon by its corners, x and y in turn. */
        public Sheet shape(Style style, double... points) {
            List<Double> corners = new ArrayList<>();
            for (double point : points) {
                corners.add(point);
            }
            marks.add(new Shape(corners, style));
            return this;
        }

        /** A circle. */
        public Sheet round(double x, double y, double radius, Style style) {
            marks.add(new Round(x, y, radius, style));
            return this;
        }

        /** A straight line. */
        public Sheet line(double x1, double y1, double x2, double y2, Style style) {
            marks.add(new Line(x1, y1, x2, y2, style));
            return this;
        }

        /** A stroke of a thing of that colour. */
        public Sheet stroke(Stroke stroke, Colour colour) {
            marks.add(new Figure(stroke.path(), stroke.ink().face(colour), stroke.ink() != Ink.INK));
            return this;
        }

        /** A few words, centred. */
        public Sheet label(double x, double y, double size, String text) {
            marks.add(new Label(x, y, size, text, Style.WALL));
            return this;
        }

        /** The finished drawing. */
        public Sketch done(double width, double height, String title, String description) {
            return new Sketch(width, height, title, description, marks, List.of());
        }
    }

    static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
