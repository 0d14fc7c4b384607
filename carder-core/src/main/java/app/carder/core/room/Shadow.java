package app.carder.core.room;

import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Wall;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * What stands in the way of a look, and what it hides.
 *
 * <p>An eye at height {@code e} looks at height {@code t < e} over something of height {@code h} on a convex footprint {@code P}.
 * The look sinks evenly, so it passes below {@code h} once the fraction {@code (e - h) / (e - t)} of its way is done. Along every
 * ray the far edge of {@code P} at distance {@code d} therefore hides what lies nearer than {@code k d} with
 * {@code k = (e - t) / (e - h)}: the shadow is {@code P} swept away from the eye by the factors 1 to {@code k}, which for a convex
 * {@code P} is the convex hull of {@code P} and {@code P} enlarged {@code k} times from the eye. Where {@code h <= t} nothing is
 * hidden; where {@code h >= e} everything behind is. Derived by similar triangles.
 *
 * @param corners of the convex footprint; two for a wall
 * @param heightMm of it
 */
record Shadow(List<Coordinate> corners, int heightMm) {

    private static final int TO_THE_CEILING = 10_000;

    /** Everything on the plan that can hide a child. */
    static List<Shadow> casters(RoomPlan plan) {
        List<Shadow> casters = new ArrayList<>();
        for (Piece piece : plan.pieces()) {
            casters.add(new Shadow(Arrays.asList(Shapes.corners(piece.footprint())), piece.heightMm()));
        }
        for (Wall wall : plan.walls()) {
            casters.add(wall(wall.from(), wall.to()));
        }
        Polygon outline = Shapes.of(plan.outline());
        // In a room without a corner that points inwards no outer wall hides anything of the room.
        if (outline.convexHull().getArea() - outline.getArea() > 1) {
            List<Point> corners = plan.outline();
            for (int at = 0; at < corners.size(); at++) {
                casters.add(wall(corners.get(at), corners.get((at + 1) % corners.size())));
            }
        }
        return casters;
    }

    private static Shadow wall(Point from, Point to) {
        return new Shadow(List.of(Shapes.coordinate(from), Shapes.coordinate(to)), TO_THE_CEILING);
    }

    /**
     * What it hides.
     *
     * @param eye where the eye is
     * @param eyeMm how high, above {@code targetMm}
     * @param targetMm how high what is looked at is
     * @param reach how far shadows must reach where they have no end, millimetres
     */
    Optional<Polygon> from(Coordinate eye, int eyeMm, int targetMm, double reach) {
        if (heightMm <= targetMm) {
            return Optional.empty();
        }
        double factor = heightMm < eyeMm ? (eyeMm - targetMm) / (double) (eyeMm - heightMm) : endless(eye, reach);
        Coordinate[] points = new Coordinate[corners.size() * 2];
        for (int at = 0; at < corners.size(); at++) {
            Coordinate corner = corners.get(at);
            points[at] = corner;
            points[corners.size() + at] =
                    new Coordinate(eye.x + factor * (corner.x - eye.x), eye.y + factor * (corner.y - eye.y));
        }
        Geometry hull = new ConvexHull(points, Shapes.FACTORY).getConvexHull();
        // Seen edge-on, a wall hides nothing.
        return hull instanceof Polygon shadow ? Optional.of(shadow) : Optional.empty();
    }

    /** So large that the shadow's far side lies outside the reach wherever one looks. */
    private double endless(Coordinate eye, double reach) {
        double nearest = Double.MAX_VALUE;
        for (int at = 0; at < corners.size(); at++) {
            nearest = Math.min(
                    nearest, Distance.pointToSegment(eye, corners.get(at), corners.get((at + 1) % corners.size())));
        }
        return 2 + 2 * reach / Math.max(nearest, 1);
    }

    /**
     * Whether it hides one point: the look's way is cut by the footprint, and leaves it lower than its top.
     *
     * @param eye where the eye is
     * @param eyeMm how high
     * @param target what is looked at
     * @param targetMm how high
     */
    boolean hides(Coordinate eye, int eyeMm, Coordinate target, int targetMm) {
        if (heightMm <= targetMm) {
            return false;
        }
        double dx = target.x - eye.x;
        double dy = target.y - eye.y;
        if (corners.size() == 2) {
            return crosses(eye, dx, dy);
        }
        double enters = 0;
        double leaves = 1;
        for (int at = 0; at < corners.size(); at++) {
            Coordinate a = corners.get(at);
            Coordinate b = corners.get((at + 1) % corners.size());
            double nx = b.y - a.y;
            double ny = a.x - b.x;
            double distance = nx * (a.x - eye.x) + ny * (a.y - eye.y);
            double speed = nx * dx + ny * dy;
            if (speed == 0) {
                if (distance < 0) {
                    return false;
                }
            } else if (speed > 0) {
                leaves = Math.min(leaves, distance / speed);
            } else {
                enters = Math.max(enters, distance / speed);
            }
            if (leaves <= enters) {
                return false;
            }
        }
        return heightMm >= eyeMm || leaves > (eyeMm - heightMm) / (double) (eyeMm - targetMm);
    }

    private boolean crosses(Coordinate eye, double dx, double dy) {
        Coordinate a = corners.get(0);
        Coordinate b = corners.get(1);
        double wx = b.x - a.x;
        double wy = b.y - a.y;
        double turn = dx * wy - dy * wx;
        if (turn == 0) {
            return false;
        }
        double along = ((a.x - eye.x) * wy - (a.y - eye.y) * wx) / turn;
        double across = ((a.x - eye.x) * dy - (a.y - eye.y) * dx) / turn;
        return along > 0 && along < 1 && across >= 0 && across <= 1;
    }
}
