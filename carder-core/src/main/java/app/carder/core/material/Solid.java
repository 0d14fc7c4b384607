package app.carder.core.material;

import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import java.util.List;

/** The outer form of one piece or one grain, taken as rigid, convex and symmetric about its middle. */
public sealed interface Solid {

    /** The longest of the three outer measures. */
    Length longest();

    /** The middle one of the three outer measures. */
    Length middle();

    /** The shortest of the three outer measures. */
    Length shortest();

    /**
     * How far the solid reaches from its middle along a direction, in millimetres: its support function. It reaches as far in
     * the opposite direction.
     *
     * @param x part of the unit direction along the length
     * @param y part along the width
     * @param z part along the thickness
     */
    double reach(double x, double y, double z);

    /**
     * The same piece pressed together from all sides, as a mouth would.
     *
     * @param share of every measure that is left, more than 0 and at most 1
     */
    default Solid squeezedTo(double share) {
        if (!(share > 0 && share <= 1)) {
            throw new IllegalArgumentException("Share must be more than 0 and at most 1, got " + share + ".");
        }
        if (this instanceof Ball ball) {
            return new Ball(Solid.scaled(ball.diameter(), share));
        }
        if (this instanceof Rod rod) {
            return new Rod(Solid.scaled(rod.diameter(), share), Solid.scaled(rod.length(), share));
        }
        Length length = Solid.scaled(longest(), share);
        Length width = Solid.scaled(middle(), share);
        Length thickness = Solid.scaled(shortest(), share);
        return this instanceof Grain ? new Grain(length, width, thickness) : new Block(length, width, thickness);
    }

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
            Solid.requireSize(Said.say("working.ball"), diameter);
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
        public Length shortest() {
            return diameter;
        }

        @Override
        public double reach(double x, double y, double z) {
            return diameter.inMillimetres() / 2;
        }

        @Override
        public String forPeople() {
            return Said.say("working.ball-mm", Solid.millimetres(diameter));
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
            Solid.requireSize(Said.say("working.block"), length, width, thickness);
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
        public Length shortest() {
            return Solid.sorted(length, width, thickness).get(0);
        }

        @Override
        public double reach(double x, double y, double z) {
            return (Math.abs(x) * length.inMillimetres()
                            + Math.abs(y) * width.inMillimetres()
                            + Math.abs(z) * thickness.inMillimetres())
                    / 2;
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
        /** Refuses a rod without size. */
        public Rod {
            Solid.requireSize(Said.say("working.rod"), diameter, length);
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
        public Length shortest() {
            return Solid.sorted(diameter, diameter, length).get(0);
        }

        @Override
        public double reach(double x, double y, double z) {
            return (Math.abs(x) * length.inMillimetres() + Math.sqrt(y * y + z * z) * diameter.inMillimetres()) / 2;
        }

        @Override
        public String forPeople() {
            return Said.say("working.mm-across-mm-long", Solid.millimetres(diameter), Solid.millimetres(length));
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
            Solid.requireSize(Said.say("working.grain"), length, width, thickness);
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
        public Length shortest() {
            return Solid.sorted(length, width, thickness).get(0);
        }

        @Override
        public double reach(double x, double y, double z) {
            double alongLength = x * length.inMillimetres();
            double alongWidth = y * width.inMillimetres();
            double alongThickness = z * thickness.inMillimetres();
            return Math.sqrt(alongLength * alongLength + alongWidth * alongWidth + alongThickness * alongThickness) / 2;
        }

        @Override
        public String forPeople() {
            return Solid.dimensions(length, width, thickness);
        }
    }

    private static Length scaled(Length length, double share) {
        return Length.ofMicrometres(Math.max(1, Math.round(length.micrometres() * share)));
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
