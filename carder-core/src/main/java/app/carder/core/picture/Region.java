package app.carder.core.picture;

import app.carder.core.look.Path;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Box;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where things are put, seen from above; convex. Millimetres, y grows downwards. */
sealed interface Region {

    double left();

    double top();

    double width();

    double height();

    /** The widest piece of a band from one height to another that lies wholly inside. */
    Optional<Span> span(double from, double to);

    /** Whether a point lies inside or on the edge. */
    boolean holds(double x, double y);

    Path outline();

    /** The same elsewhere. */
    Region moved(double x, double y);

    /** A piece of a line. */
    record Span(double from, double to) {
        double length() {
            return to - from;
        }

        double middle() {
            return (from + to) / 2;
        }
    }

    default double middleX() {
        return left() + width() / 2;
    }

    default double middleY() {
        return top() + height() / 2;
    }

    /** Square millimetres. */
    double area();

    /** Radius of the largest circle about the middle. */
    default double inner() {
        return Math.min(width(), height()) / 2;
    }

    default boolean holds(Footprint footprint, double x, double y, double turn) {
        double hair = 0.02;
        if (footprint.isRound() && this instanceof Circle circle) {
            return Math.hypot(x - circle.middleX(), y - circle.middleY()) + footprint.length() / 2
                    <= circle.radius() + hair;
        }
        if (footprint.isRound() && this instanceof Rectangle) {
            double radius = footprint.length() / 2 - hair;
            return x - radius >= left()
                    && x + radius <= left() + width()
                    && y - radius >= top()
                    && y + radius <= top() + height();
        }
        double[] corners = footprint.corners(x, y, turn);
        for (int at = 0; at < corners.length; at += 2) {
            double towardsX = x - corners[at];
            double towardsY = y - corners[at + 1];
            double far = Math.max(1e-9, Math.hypot(towardsX, towardsY));
            if (!holds(corners[at] + towardsX / far * hair, corners[at + 1] + towardsY / far * hair)) {
                return false;
            }
        }
        return true;
    }

    /** The inside of a vessel at a height above its floor. */
    static Region of(Vessel vessel, Length height) {
        if (vessel instanceof Box box) {
            return new Rectangle(
                    0, 0, box.widthAt(height).inMillimetres(), box.width().inMillimetres());
        }
        double across = vessel.widthAt(height).inMillimetres();
        int corners = switch (vessel.shape()) {
            case OCTAGONAL_TRAY -> 8;
            case HEXAGONAL_TRAY -> 6;
            case BOX, ROUND_TUB, TAPERED_JUG, BOWL, STATED_VOLUME -> 0;
        };
        return corners == 0 ? new Circle(across / 2, across / 2, across / 2) : Polygon.regular(corners, across);
    }

    /** A rectangle. */
    record Rectangle(double left, double top, double width, double height) implements Region {
        @Override
        public Optional<Span> span(double from, double to) {
            return from < top - 1e-9 || to > top + height + 1e-9
                    ? Optional.empty()
                    : Optional.of(new Span(left, left + width));
        }

        @Override
        public boolean holds(double x, double y) {
            return x >= left && x <= left + width && y >= top && y <= top + height;
        }

        @Override
        public double area() {
            return width * height;
        }

        @Override
        public Path outline() {
            return Path.rounded(left, top, width, height, Math.min(width, height) / 30);
        }

        @Override
        public Region moved(double x, double y) {
            return new Rectangle(left + x, top + y, width, height);
        }
    }

    /** A circle. */
    record Circle(double middleX, double middleY, double radius) implements Region {
        @Override
        public double left() {
            return middleX - radius;
        }

        @Override
        public double top() {
            return middleY - radius;
        }

        @Override
        public double width() {
            return 2 * radius;
        }

        @Override
        public double height() {
            return 2 * radius;
        }

        @Override
        public Optional<Span> span(double from, double to) {
            double far = Math.max(Math.abs(from - middleY), Math.abs(to - middleY));
            if (far >= radius) {
                return Optional.empty();
            }
            double half = Math.sqrt(radius * radius - far * far);
            return Optional.of(new Span(middleX - half, middleX + half));
        }

        @Override
        public boolean holds(double x, double y) {
            return Math.hypot(x - middleX, y - middleY) <= radius;
        }

        @Override
        public double area() {
            return Math.PI * radius * radius;
        }

        @Override
        public Path outline() {
            return Path.ellipse(middleX, middleY, radius, radius);
        }

        @Override
        public Region moved(double x, double y) {
            return new Circle(middleX + x, middleY + y, radius);
        }
    }

    /**
     * A convex polygon.
     *
     * @param corners x and y in turn, clockwise on the sheet
     */
    record Polygon(List<Double> corners) implements Region {
        /** Keeps its own copy. */
        public Polygon {
            corners = List.copyOf(corners);
        }

        /** One whose upper side is level, in the corner of the sheet. */
        static Polygon regular(int sides, double acrossFlats) {
            double radius = acrossFlats / 2 / Math.cos(Math.PI / sides);
            List<Double> corners = new ArrayList<>();
            double left = Double.MAX_VALUE;
            double top = Double.MAX_VALUE;
            for (int side = 0; side < sides; side++) {
                double angle = Math.PI / 2 + Math.PI * (2 * side + 1) / sides;
                corners.add(radius * Math.cos(angle));
                corners.add(radius * Math.sin(angle));
                left = Math.min(left, corners.get(2 * side));
                top = Math.min(top, corners.get(2 * side + 1));
            }
            return (Polygon) new Polygon(corners).moved(-left, -top);
        }

        @Override
        public double left() {
            return least(0);
        }

        @Override
        public double top() {
            return least(1);
        }

        @Override
        public double width() {
            return most(0) - least(0);
        }

        @Override
        public double height() {
            return most(1) - least(1);
        }

        private double least(int from) {
            double least = Double.MAX_VALUE;
            for (int at = from; at < corners.size(); at += 2) {
                least = Math.min(least, corners.get(at));
            }
            return least;
        }

        private double most(int from) {
            double most = -Double.MAX_VALUE;
            for (int at = from; at < corners.size(); at += 2) {
                most = Math.max(most, corners.get(at));
            }
            return most;
        }

        @Override
        public Optional<Span> span(double from, double to) {
            return chord(from)
                    .flatMap(one -> chord(to)
                            .map(other -> new Span(Math.max(one.from(), other.from()), Math.min(one.to(), other.to()))))
                    .filter(span -> span.length() > 0);
        }

        /** Where a level line crosses it. */
        private Optional<Span> chord(double y) {
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (int at = 0; at < corners.size(); at += 2) {
                double x1 = corners.get(at);
                double y1 = corners.get(at + 1);
                double x2 = corners.get((at + 2) % corners.size());
                double y2 = corners.get((at + 3) % corners.size());
                if (Math.min(y1, y2) <= y && y <= Math.max(y1, y2) && y1 != y2) {
                    double x = x1 + (x2 - x1) * (y - y1) / (y2 - y1);
                    least = Math.min(least, x);
                    most = Math.max(most, x);
                }
            }
            return most < least ? Optional.empty() : Optional.of(new Span(least, most));
        }

        @Override
        public boolean holds(double x, double y) {
            for (int at = 0; at < corners.size(); at += 2) {
                double x1 = corners.get(at);
                double y1 = corners.get(at + 1);
                double dx = corners.get((at + 2) % corners.size()) - x1;
                double dy = corners.get((at + 3) % corners.size()) - y1;
                if (dx * (y - y1) - dy * (x - x1) < 0) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public double area() {
            double twice = 0;
            for (int at = 0; at < corners.size(); at += 2) {
                twice += corners.get(at) * corners.get((at + 3) % corners.size())
                        - corners.get((at + 2) % corners.size()) * corners.get(at + 1);
            }
            return Math.abs(twice) / 2;
        }

        @Override
        public Path outline() {
            return Path.polygon(corners);
        }

        @Override
        public Region moved(double x, double y) {
            List<Double> moved = new ArrayList<>(corners.size());
            for (int at = 0; at < corners.size(); at += 2) {
                moved.add(corners.get(at) + x);
                moved.add(corners.get(at + 1) + y);
            }
            return new Polygon(moved);
        }
    }
}
