package app.carder.core.safety;

import app.carder.core.material.Solid;
import app.carder.core.material.Solid.Point;
import app.carder.core.measure.Length;
import java.util.List;

/**
 * The small-parts cylinder: whether a piece, turned any way, goes wholly into a truncated cylinder of 31.7 mm inside
 * diameter whose floor slopes at 45 degrees, 25.4 mm deep on one side and 57.1 mm on the other.
 *
 * <p>With the axis upright, the deep side at {@code x = -R} and {@code z = 0} at its floor, the cavity is
 * {@code x^2 + y^2 <= R^2, x + R <= z <= 57.1}. A convex piece fits if for some turn and shift all points of its surface
 * lie inside. The turn is searched: from a lattice of starting turns, a pattern search lowers the largest violation.
 * Because a search can stop short of the best turn, a piece that comes within half a millimetre counts as fitting:
 * the error is on the cautious side. Pieces are taken as rigid; what can be squeezed may fit although this says no.
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
    private static final double STEP_ENDS_AT = 1e-3;

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
        List<Point> surface = piece.surface();
        for (int tilt = 0; tilt < 6; tilt++) {
            for (int turn = 0; turn < 6; turn++) {
                for (int roll = 0; roll < 4; roll++) {
                    double[] start = {turn * Math.PI / 3, tilt * Math.PI / 6, roll * Math.PI / 4, 0, 0};
                    if (leastViolation(surface, start) <= NEAR_ENOUGH_MM) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Pattern search over three angles and the shift across the axis; stops as soon as the piece is in. */
    private static double leastViolation(List<Point> surface, double[] place) {
        double least = violation(surface, place);
        double step = 1;
        while (step > STEP_ENDS_AT && least > NEAR_ENOUGH_MM) {
            boolean improved = false;
            for (int axis = 0; axis < place.length; axis++) {
                double size = axis < 3 ? step * Math.PI / 8 : step * RADIUS_MM / 2;
                for (double move : new double[] {size, -size}) {
                    place[axis] += move;
                    double violation = violation(surface, place);
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
     * How far, in millimetres, the worst point sticks out of the cavity when the piece is lowered as deep as the rim
     * allows; 0 or less when it is in.
     *
     * @param place the turn as three angles (about z, then x, then z) and the shift in x and y
     */
    private static double violation(List<Point> surface, double[] place) {
        double cosA = Math.cos(place[0]);
        double sinA = Math.sin(place[0]);
        double cosB = Math.cos(place[1]);
        double sinB = Math.sin(place[1]);
        double cosC = Math.cos(place[2]);
        double sinC = Math.sin(place[2]);
        double farthest = 0;
        double highest = Double.NEGATIVE_INFINITY;
        double steepest = Double.NEGATIVE_INFINITY;
        for (Point point : surface) {
            double x1 = cosC * point.x() - sinC * point.y();
            double y1 = sinC * point.x() + cosC * point.y();
            double y2 = cosB * y1 - sinB * point.z();
            double z = sinB * y1 + cosB * point.z();
            double x = cosA * x1 - sinA * y2 + place[3];
            double y = sinA * x1 + cosA * y2 + place[4];
            farthest = Math.max(farthest, Math.hypot(x, y));
            highest = Math.max(highest, z);
            steepest = Math.max(steepest, x - z);
        }
        double outOfWall = farthest - RADIUS_MM;
        double outOfRim = highest + steepest + RADIUS_MM - RIM_MM;
        return Math.max(outOfWall, outOfRim);
    }
}
