package app.carder.core.room;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
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
