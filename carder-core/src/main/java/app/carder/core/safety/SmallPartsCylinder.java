package app.carder.core.safety;

import app.carder.core.material.Solid;
import app.carder.core.measure.Length;

/**
 * The small-parts cylinder: whether a piece, turned any way, goes wholly into a truncated cylinder of 31.7 mm inside
 * diameter whose floor slopes at 45 degrees, 25.4 mm deep on one side and 57.1 mm on the other.
 *
 * <p>With the axis upright, the deep side at {@code x = -R} and {@code z = 0} at its floor, the cavity is
 * {@code x^2 + y^2 <= R^2, x + R <= z <= 57.1}. A convex piece fits if for some turn and shift it reaches beyond none of
 * these planes; the round wall is taken as 24 planes, which lets 0.14 mm too much pass. The turn is searched: from a
 * lattice of starting turns, a pattern search lowers the largest violation. Because a search can stop short of the best
 * turn, a piece that comes within half a millimetre counts as fitting: every error is on the cautious side, which is shown by
 * blocks and thin plates at the largest size that an exhaustive search over turns gets in. Pieces are
 * taken as rigid; what can be squeezed may fit although this says no.
 *
 * <p>Source: 16 CFR 1501.4; the same gauge in EN 71-1 and ISO 8124-1 (from memory).
 */
public final class SmallPartsCylinder {

    /** Inside diameter. */
    public static final Length DIAMETER = Length.ofMillimetres(31.7);

    /** The longest straight line inside: {@code sqrt(31.7^2 + 57.1^2)} = 65.3 mm. */
    public static final Length LONGEST_LINE = Length.ofMillimetres(65.309);

    private static final double RADIUS_MM = 15.85;
    private static final double RIM_MM = 57.1;
    private static final double NEAR_ENOUGH_MM = 0.5;
    private static final double STEP_ENDS_AT = 0.01;
    /** Pairs of opposite planes that stand for the round wall. */
    private static final int WALLS = 12;

    private static final double[] WALL_X = new double[WALLS];
    private static final double[] WALL_Y = new double[WALLS];

    static {
        for (int wall = 0; wall < WALLS; wall++) {
            WALL_X[wall] = Math.cos(Math.PI * wall / WALLS);
            WALL_Y[wall] = Math.sin(Math.PI * wall / WALLS);
        }
    }

    private SmallPartsCylinder() {}

    /**
     * Whether the piece fits whole, in any orientation.
     *
     * <p>A ball of 31.7 mm fits, one of 31.8 mm does not; a thin needle of 65 mm fits, one of 66 mm does not.
     */
    public static boolean holds(Solid piece) {
        if (piece.middle().isMoreThan(DIAMETER) || piece.longest().isMoreThan(LONGEST_LINE)) {
            return false;
        }
        if (piece instanceof Solid.Ball) {
            return true;
        }
        for (int tilt = 0; tilt < 4; tilt++) {
            for (int turn = 0; turn < 4; turn++) {
                for (int roll = 0; roll < 3; roll++) {
                    double[] start = {turn * Math.PI / 4, tilt * Math.PI / 6, roll * Math.PI / 4, 0, 0};
                    if (leastViolation(piece, start) <= NEAR_ENOUGH_MM) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Pattern search over three angles and the shift across the axis; stops as soon as the piece is in. */
    private static double leastViolation(Solid piece, double[] place) {
        double least = violation(piece, place);
        double step = 1;
        while (step > STEP_ENDS_AT && least > NEAR_ENOUGH_MM) {
            boolean improved = false;
            for (int axis = 0; axis < place.length; axis++) {
                double size = axis < 3 ? step * Math.PI / 8 : step * RADIUS_MM / 2;
                for (double move : new double[] {size, -size}) {
                    place[axis] += move;
                    double violation = violation(piece, place);
                    if (violation < least) {
                        least = violation;
                        improved = true;
                        break;
                    }
                    place[axis] -= move;
                }
            }
            if (!improved) {
                step /= 2;
            }
        }
        return least;
    }

    /**
     * How far, in millimetres, the piece sticks out of the cavity when it is lowered as deep as the rim allows; 0 or less
     * when it is in.
     *
     * @param place the turn as three angles (about z, then x, then z) and the shift in x and y
     */
    private static double violation(Solid piece, double[] place) {
        Orientation turn = Orientation.of(place[0], place[1], place[2]);
        double outOfWall = Double.NEGATIVE_INFINITY;
        for (int wall = 0; wall < WALLS; wall++) {
            double reach = turn.reach(piece, WALL_X[wall], WALL_Y[wall], 0);
            // A solid reaches as far one way as the other, so the plane that the shift goes towards is the one that
            // matters.
            double shift = Math.abs(WALL_X[wall] * place[3] + WALL_Y[wall] * place[4]);
            outOfWall = Math.max(outOfWall, reach + shift - RADIUS_MM);
        }
        double up = turn.reach(piece, 0, 0, 1);
        double downTheSlope = Math.sqrt(2) * turn.reach(piece, Math.sqrt(0.5), 0, -Math.sqrt(0.5)) + place[3];
        return Math.max(outOfWall, up + downTheSlope + RADIUS_MM - RIM_MM);
    }

    /** A turned piece: its axes in the frame of the gauge. */
    private record Orientation(
            double xx, double xy, double xz, double yx, double yy, double yz, double zx, double zy, double zz) {

        static Orientation of(double a, double b, double c) {
            double cosA = Math.cos(a);
            double sinA = Math.sin(a);
            double cosB = Math.cos(b);
            double sinB = Math.sin(b);
            double cosC = Math.cos(c);
            double sinC = Math.sin(c);
            return new Orientation(
                    cosA * cosC - sinA * cosB * sinC,
                    sinA * cosC + cosA * cosB * sinC,
                    sinB * sinC,
                    -cosA * sinC - sinA * cosB * cosC,
                    -sinA * sinC + cosA * cosB * cosC,
                    sinB * cosC,
                    sinA * sinB,
                    -cosA * sinB,
                    cosB);
        }

        double reach(Solid piece, double x, double y, double z) {
            return piece.reach(x * xx + y * xy + z * xz, x * yx + y * yy + z * yz, x * zx + y * zy + z * zz);
        }
    }
}
