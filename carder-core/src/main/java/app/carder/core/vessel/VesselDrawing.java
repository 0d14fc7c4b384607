package app.carder.core.vessel;

import app.carder.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A vessel drawn to scale: from above, and in section with its layers. Coordinates are millimetres of the real thing,
 * so that both views and the scale bar share one scale; y grows downwards.
 *
 * @param width of the whole drawing
 * @param height of the whole drawing
 * @param plan outline from above
 * @param section outline in section, open at the top
 * @param layers fills in section, from the floor up
 * @param inner a vessel that stands inside, from above and in section; empty where there is none
 * @param scaleBar a bar of a round length
 */
public record VesselDrawing(
        double width,
        double height,
        Outline plan,
        Outline section,
        List<Outline> layers,
        List<Outline> inner,
        ScaleBar scaleBar) {

    private static final double MARGIN = 0.06;
    private static final int CURVE_STEPS = 24;

    /** Keeps its own copy. */
    public VesselDrawing {
        layers = List.copyOf(layers);
        inner = List.copyOf(inner);
    }

    /**
     * A closed polygon.
     *
     * @param points its corners in order
     */
    public record Outline(List<Point> points) {
        /** Keeps its own copy. */
        public Outline {
            points = List.copyOf(points);
        }

        /** As an SVG {@code points} attribute. */
        public String svgPoints() {
            return points.stream()
                    .map(point -> String.format(Locale.ROOT, "%.1f,%.1f", point.x(), point.y()))
                    .collect(Collectors.joining(" "));
        }
    }

    /**
     * A corner.
     *
     * @param x millimetres from the left
     * @param y millimetres from the top
     */
    public record Point(double x, double y) {}

    /**
     * A bar that tells the scale.
     *
     * @param x its left end
     * @param y its height on the sheet
     * @param length of the real thing
     */
    public record ScaleBar(double x, double y, Length length) {
        /** Its right end. */
        public double endX() {
            return x + length.inMillimetres();
        }
    }

    /** The part of the sheet that shows it from the side, with the bar, as an SVG {@code viewBox}. */
    public String sideBox() {
        double top = section.points().stream().mapToDouble(Point::y).min().orElse(0) - width * MARGIN / 2;
        return String.format(Locale.ROOT, "0 %.1f %.1f %.1f", top, width, height - top);
    }

    /**
     * Draws a vessel.
     *
     * @param layerDepths depths of the fills from the floor up; what is above the rim is left out
     */
    public static VesselDrawing of(Vessel vessel, List<Length> layerDepths) {
        List<Point> plan = plan(vessel);
        double across = widest(vessel);
        double planHeight = plan.stream().mapToDouble(Point::y).max().orElseThrow();
        Vessel walls = vessel instanceof Between between ? between.outer() : vessel;
        double deep = Math.max(
                walls.depth().inMillimetres(),
                vessel instanceof Between between ? between.inner().depth().inMillimetres() : 0);
        double margin = Math.max(across, planHeight + deep) * MARGIN;
        double sectionTop = 2 * margin + planHeight;
        double middle = margin + across / 2;

        List<Outline> layers = new ArrayList<>();
        Length below = Length.ZERO;
        for (Length layer : layerDepths) {
            Length top = below.plus(layer);
            if (top.isMoreThan(vessel.depth())) {
                break;
            }
            layers.add(slice(vessel, below, top, middle, sectionTop + deep));
            below = top;
        }
        double bottom = sectionTop + deep + margin;
        return new VesselDrawing(
                across + 2 * margin,
                bottom + margin,
                shifted(plan, margin, margin),
                slice(walls, Length.ZERO, walls.depth(), middle, sectionTop + deep),
                layers,
                vessel instanceof Between between
                        ? inside(between.inner(), middle, margin + planHeight / 2, sectionTop + deep)
                        : List.of(),
                new ScaleBar(margin, bottom, barLength(across)));
    }

    private static Outline slice(Vessel vessel, Length from, Length to, double middle, double floor) {
        int steps = vessel instanceof Bowl ? CURVE_STEPS : 1;
        List<Point> left = new ArrayList<>();
        List<Point> right = new ArrayList<>();
        for (int step = 0; step <= steps; step++) {
            long at = to.micrometres() - (to.micrometres() - from.micrometres()) * step / steps;
            Length depth = Length.ofMicrometres(at);
            double half = vessel.widthAt(depth).inMillimetres() / 2;
            left.add(new Point(middle - half, floor - depth.inMillimetres()));
            right.add(0, new Point(middle + half, floor - depth.inMillimetres()));
        }
        left.addAll(right);
        return new Outline(left);
    }

    private static List<Point> plan(Vessel vessel) {
        double across = widest(vessel);
        if (vessel instanceof Box box) {
            double width = box.width().inMillimetres();
            return List.of(new Point(0, 0), new Point(across, 0), new Point(across, width), new Point(0, width));
        }
        if (vessel instanceof Between between) {
            return plan(between.outer());
        }
        int sides = vessel.shape().sides();
        double corner = across / 2 / Math.cos(Math.PI / sides);
        List<Point> corners = new ArrayList<>(sides);
        for (int side = 0; side < sides; side++) {
            double angle = Math.PI * (2 * side + 1) / sides;
            corners.add(new Point(across / 2 + corner * Math.cos(angle), corner * Math.sin(angle)));
        }
        double top = corners.stream().mapToDouble(Point::y).min().orElseThrow();
        return shifted(corners, 0, -top).points();
    }

    private static List<Outline> inside(Vessel inner, double middle, double planMiddle, double floor) {
        List<Point> above = plan(inner);
        double height = above.stream().mapToDouble(Point::y).max().orElseThrow();
        return List.of(
                shifted(above, middle - widest(inner) / 2, planMiddle - height / 2),
                slice(inner, Length.ZERO, inner.depth(), middle, floor));
    }

    private static double widest(Vessel vessel) {
        return Math.max(
                vessel.widthAt(Length.ZERO).inMillimetres(),
                vessel.widthAt(vessel.depth()).inMillimetres());
    }

    private static Outline shifted(List<Point> points, double x, double y) {
        return new Outline(points.stream()
                .map(point -> new Point(point.x() + x, point.y() + y))
                .toList());
    }

    private static Length barLength(double across) {
        if (across >= 200) {
            return Length.ofCentimetres(10);
        }
        return Length.ofCentimetres(across >= 50 ? 2 : 1);
    }
}
