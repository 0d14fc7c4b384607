package app.carder.core.room;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** The plan's things as JTS geometry, in millimetres. */
final class Shapes {

    static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double SQUARE_METRE = 1e6;

    private Shapes() {}

    static Polygon of(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int at = 0; at < corners.size(); at++) {
            ring[at] = coordinate(corners.get(at));
        }
        ring[corners.size()] = ring[0].copy();
        return FACTORY.createPolygon(ring);
    }

    static Coordinate[] corners(Footprint footprint) {
        double turn = Math.toRadians(footprint.turnDegrees());
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        double w = footprint.widthMm() / 2.0;
        double d = footprint.depthMm() / 2.0;
        double[][] around = {{-w, -d}, {w, -d}, {w, d}, {-w, d}};
        Coordinate[] corners = new Coordinate[4];
        for (int at = 0; at < 4; at++) {
            double x = around[at][0];
            double y = around[at][1];
            corners[at] = new Coordinate(
                    footprint.middle().xMm() + x * cos - y * sin,
                    footprint.middle().yMm() + x * sin + y * cos);
        }
        return corners;
    }

    static Polygon of(Footprint footprint) {
        Coordinate[] corners = corners(footprint);
        return FACTORY.createPolygon(
                new Coordinate[] {corners[0], corners[1], corners[2], corners[3], corners[0].copy()});
    }

    static LineString line(Point from, Point to) {
        return FACTORY.createLineString(new Coordinate[] {coordinate(from), coordinate(to)});
    }

    static Coordinate coordinate(Point point) {
        return new Coordinate(point.xMm(), point.yMm());
    }

    static Geometry union(Collection<? extends Geometry> shapes) {
        return shapes.isEmpty() ? FACTORY.createPolygon() : OverlayNGRobust.union(new ArrayList<>(shapes));
    }

    /** The part of a convex polygon that lies within an upright rectangle (Sutherland and Hodgman 1974); absent where there is none. */
    static Optional<Polygon> within(Polygon convex, Envelope box) {
        Envelope own = convex.getEnvelopeInternal();
        if (box.contains(own)) {
            return Optional.of(convex);
        }
        if (!box.intersects(own)) {
            return Optional.empty();
        }
        Coordinate[] ring = convex.getExteriorRing().getCoordinates();
        List<Coordinate> corners = Arrays.asList(ring).subList(0, ring.length - 1);
        corners = cut(corners, 1, 0, box.getMinX());
        corners = cut(corners, -1, 0, -box.getMaxX());
        corners = cut(corners, 0, 1, box.getMinY());
        corners = cut(corners, 0, -1, -box.getMaxY());
        if (corners.size() < 3) {
            return Optional.empty();
        }
        List<Coordinate> closed = new ArrayList<>(corners);
        closed.add(corners.get(0).copy());
        Polygon part = FACTORY.createPolygon(closed.toArray(Coordinate[]::new));
        return part.getArea() > 0 ? Optional.of(part) : Optional.empty();
    }

    /** The corners of what lies where {@code nx x + ny y >= least}. */
    private static List<Coordinate> cut(List<Coordinate> corners, int nx, int ny, double least) {
        List<Coordinate> kept = new ArrayList<>();
        for (int at = 0; at < corners.size(); at++) {
            Coordinate one = corners.get(at);
            Coordinate next = corners.get((at + 1) % corners.size());
            double here = nx * one.x + ny * one.y - least;
            double there = nx * next.x + ny * next.y - least;
            if (here >= 0) {
                kept.add(one);
            }
            if (here * there < 0) {
                double part = here / (here - there);
                kept.add(new Coordinate(one.x + part * (next.x - one.x), one.y + part * (next.y - one.y)));
            }
        }
        return kept;
    }

    /** Convex polygons without those that lie within another one. */
    static List<Polygon> outermost(List<Polygon> convex) {
        List<Polygon> kept = new ArrayList<>();
        for (Polygon one : convex.stream()
                .sorted(Comparator.comparingDouble(Polygon::getArea).reversed())
                .toList()) {
            if (kept.stream().noneMatch(larger -> holds(larger, one))) {
                kept.add(one);
            }
        }
        return kept;
    }

    private static boolean holds(Polygon larger, Polygon other) {
        if (!larger.getEnvelopeInternal().contains(other.getEnvelopeInternal())) {
            return false;
        }
        Coordinate[] ring = larger.getExteriorRing().getCoordinates();
        for (Coordinate corner : other.getExteriorRing().getCoordinates()) {
            if (PointLocation.locateInRing(corner, ring) == Location.EXTERIOR) {
                return false;
            }
        }
        return true;
    }

    static Geometry minus(Geometry from, Geometry taken) {
        return from.isEmpty() || taken.isEmpty() ? from : OverlayNGRobust.overlay(from, taken, OverlayNG.DIFFERENCE);
    }

    static Geometry both(Geometry one, Geometry other) {
        return one.isEmpty() || other.isEmpty()
                ? FACTORY.createPolygon()
                : areas(OverlayNGRobust.overlay(one, other, OverlayNG.INTERSECTION));
    }

    /** Without the lines and points in which shapes merely touch. */
    private static Geometry areas(Geometry shape) {
        return shape instanceof Polygonal ? shape : FACTORY.buildGeometry(PolygonExtracter.getPolygons(shape));
    }

    static double squareMetres(Geometry shape) {
        return shape.getArea() / SQUARE_METRE;
    }
}
