package app.carder.core.material;

import app.carder.core.measure.Length;
import java.util.ArrayList;
import java.util.List;

/** The outer form of one piece or one grain, taken as rigid and convex. */
public sealed interface Solid {

    /**
     * A point, in millimetres from the middle of the solid.
     *
     * @param x along the length
     * @param y along the width
     * @param z along the thickness
     */
    record Point(double x, double y, double z) {}

    /** The longest of the three outer measures. */
    Length longest();

    /** The middle one of the three outer measures. */
    Length middle();

    /**
     * Points on the surface, all within the true form, whose hull stands for it in a gauge test. Round forms are
     * approximated from inside, so that a test errs towards "fits", which is the cautious side.
     */
    List<Point> surface();

    /** For people: {@code ball 40 mm} or {@code 30 x 20 x 10 mm}. */
    String forPeople();

    /**
     * A ball or marble.
     *
     * @param diameter across
     */
    record Ball(Length diameter) implements Solid {
        /** Refuses a ball without size. */
        public Ball {
            Solid.requireSize("Ball", diameter);
        }

        @Override
        public Length longest() {
            return diameter;
        }

        @Override
        public Length middle() {
            return diameter;
        }

        @Override
        public List<Point> surface() {
            return ellipsoid(diameter, diameter, diameter);
        }

        @Override
        public String forPeople() {
            return "ball " + Solid.millimetres(diameter) + "\u00a0mm";
        }
    }

    /**
     * A brick, a tile, a parcel.
     *
     * @param length longest side
     * @param width middle side
     * @param thickness shortest side
     */
    record Block(Length length, Length width, Length thickness) implements Solid {
        /** Refuses a block without size. */
        public Block {
            Solid.requireSize("Block", length, width, thickness);
        }

        @Override
        public Length longest() {
            return Solid.sorted(length, width, thickness).get(2);
        }

        @Override
        public Length middle() {
            return Solid.sorted(length, width, thickness).get(1);
        }

        @Override
        public List<Point> surface() {
            double x = length.inMillimetres() / 2;
            double y = width.inMillimetres() / 2;
            double z = thickness.inMillimetres() / 2;
            List<Point> corners = new ArrayList<>(8);
            for (int corner = 0; corner < 8; corner++) {
                corners.add(
                        new Point((corner & 1) == 0 ? x : -x, (corner & 2) == 0 ? y : -y, (corner & 4) == 0 ? z : -z));
            }
            return corners;
        }

        @Override
        public String forPeople() {
            return Solid.dimensions(length, width, thickness);
        }
    }

    /**
     * A bead, a tube, a short stick, a coin.
     *
     * @param diameter across
     * @param length along the axis
     */
    record Rod(Length diameter, Length length) implements Solid {
        private static final int SIDES = 24;

        /** Refuses a rod without size. */
        public Rod {
            Solid.requireSize("Rod", diameter, length);
        }

        @Override
        public Length longest() {
            return Solid.sorted(diameter, diameter, length).get(2);
        }

        @Override
        public Length middle() {
            return diameter;
        }

        @Override
        public List<Point> surface() {
            double radius = diameter.inMillimetres() / 2;
            double half = length.inMillimetres() / 2;
            List<Point> rims = new ArrayList<>(2 * SIDES);
            for (int side = 0; side < SIDES; side++) {
                double angle = 2 * Math.PI * side / SIDES;
                rims.add(new Point(half, radius * Math.cos(angle), radius * Math.sin(angle)));
                rims.add(new Point(-half, radius * Math.cos(angle), radius * Math.sin(angle)));
            }
            return rims;
        }

        @Override
        public String forPeople() {
            return "%s\u00a0mm across, %s\u00a0mm long"
                    .formatted(Solid.millimetres(diameter), Solid.millimetres(length));
        }
    }

    /**
     * A grain, a bean, a pebble: an ellipsoid.
     *
     * @param length longest axis
     * @param width middle axis
     * @param thickness shortest axis
     */
    record Grain(Length length, Length width, Length thickness) implements Solid {
        /** Refuses a grain without size. */
        public Grain {
            Solid.requireSize("Grain", length, width, thickness);
        }

        @Override
        public Length longest() {
            return Solid.sorted(length, width, thickness).get(2);
        }

        @Override
        public Length middle() {
            return Solid.sorted(length, width, thickness).get(1);
        }

        @Override
        public List<Point> surface() {
            return ellipsoid(length, width, thickness);
        }

        @Override
        public String forPeople() {
            return Solid.dimensions(length, width, thickness);
        }
    }

    private static List<Point> ellipsoid(Length length, Length width, Length thickness) {
        int rings = 8;
        int around = 16;
        List<Point> points = new ArrayList<>(rings * around);
        for (int ring = 0; ring <= rings; ring++) {
            double polar = Math.PI * ring / rings;
            for (int step = 0; step < around; step++) {
                double azimuth = 2 * Math.PI * step / around;
                points.add(new Point(
                        length.inMillimetres() / 2 * Math.cos(polar),
                        width.inMillimetres() / 2 * Math.sin(polar) * Math.cos(azimuth),
                        thickness.inMillimetres() / 2 * Math.sin(polar) * Math.sin(azimuth)));
            }
        }
        return points;
    }

    private static List<Length> sorted(Length a, Length b, Length c) {
        return List.of(a, b, c).stream().sorted().toList();
    }

    private static void requireSize(String thing, Length... measures) {
        for (Length measure : measures) {
            if (measure.isZero()) {
                throw new IllegalArgumentException(thing + " must be more than 0 cm in every direction, got 0 cm.");
            }
        }
    }

    private static String dimensions(Length length, Length width, Length thickness) {
        return "%s x %s x %s\u00a0mm".formatted(millimetres(length), millimetres(width), millimetres(thickness));
    }

    private static String millimetres(Length length) {
        double value = length.inMillimetres();
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
