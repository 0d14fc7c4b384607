package app.carder.core.picture;

/**
 * The room that one piece takes up, seen from above: a disc, or a rectangle about its middle.
 *
 * @param length along the piece, in millimetres, more than 0
 * @param width across it, in millimetres, more than 0
 * @param isRound whether it is a disc; its length and width are the same then
 */
public record Footprint(double length, double width, boolean isRound) {

    /** Millimetres below which nothing can be made out on the sheet. */
    private static final double LEAST = 1;

    /** Never thinner than can be made out. */
    public Footprint {
        length = Math.max(LEAST, length);
        width = Math.max(LEAST, width);
    }

    /** How wide it is once it is turned by an angle in degrees. */
    double across(double degrees) {
        return isRound ? length : length * cos(degrees) + width * sin(degrees);
    }

    /** How high it is once it is turned. */
    double down(double degrees) {
        return isRound ? length : length * sin(degrees) + width * cos(degrees);
    }

    double area() {
        return isRound ? Math.PI * length * length / 4 : length * width;
    }

    /** Its corners about a place, x and y in turn; for a disc, those of a polygon around it. */
    double[] corners(double x, double y, double degrees) {
        if (isRound) {
            int sides = 16;
            double radius = length / 2 / Math.cos(Math.PI / sides);
            double[] corners = new double[2 * sides];
            for (int side = 0; side < sides; side++) {
                double angle = 2 * Math.PI * side / sides;
                corners[2 * side] = x + radius * Math.cos(angle);
                corners[2 * side + 1] = y + radius * Math.sin(angle);
            }
            return corners;
        }
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        double l = length / 2;
        double w = width / 2;
        return new double[] {
            x - l * c + w * s,
            y - l * s - w * c,
            x + l * c + w * s,
            y + l * s - w * c,
            x + l * c - w * s,
            y + l * s + w * c,
            x - l * c - w * s,
            y - l * s + w * c
        };
    }

    /** Whether two of them lie on each other, by more than a hair. */
    static boolean overlap(
            Footprint one, double x1, double y1, double turn1, Footprint other, double x2, double y2, double turn2) {
        double dx = x2 - x1;
        double dy = y2 - y1;
        double hair = 0.01;
        if (one.isRound && other.isRound) {
            return Math.hypot(dx, dy) < (one.length + other.length) / 2 - hair;
        }
        if (Math.hypot(dx, dy) > one.radius() + other.radius()) {
            return false;
        }
        if (one.isRound || other.isRound) {
            Footprint disc = one.isRound ? one : other;
            Footprint slab = one.isRound ? other : one;
            double turn = Math.toRadians(one.isRound ? turn2 : turn1);
            double along = Math.abs(dx * Math.cos(turn) + dy * Math.sin(turn));
            double aside = Math.abs(-dx * Math.sin(turn) + dy * Math.cos(turn));
            double outX = Math.max(0, along - slab.length / 2);
            double outY = Math.max(0, aside - slab.width / 2);
            return Math.hypot(outX, outY) < disc.length / 2 - hair;
        }
        return !isApart(one, turn1, other, turn2, dx, dy, hair) && !isApart(other, turn2, one, turn1, -dx, -dy, hair);
    }

    /** Whether a line along a side of the first one parts the two: the separating axis theorem. */
    private static boolean isApart(
            Footprint one, double turn, Footprint other, double otherTurn, double dx, double dy, double hair) {
        double c = Math.cos(Math.toRadians(turn));
        double s = Math.sin(Math.toRadians(turn));
        double between = otherTurn - turn;
        double along = Math.abs(dx * c + dy * s);
        double aside = Math.abs(-dx * s + dy * c);
        return along > (one.length + other.across(between)) / 2 - hair
                || aside > (one.width + other.down(between)) / 2 - hair;
    }

    private double radius() {
        return isRound ? length / 2 : Math.hypot(length, width) / 2;
    }

    private static double cos(double degrees) {
        return Math.abs(Math.cos(Math.toRadians(degrees)));
    }

    private static double sin(double degrees) {
        return Math.abs(Math.sin(Math.toRadians(degrees)));
    }
}
