package app.carder.core.room;

import app.carder.core.room.FurnitureKind.FurnitureUse;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.said.TimeLimit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.PriorityQueue;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * Where one can walk. Somebody as wide as the way passes where their middle keeps half that width from every wall and from all
 * furniture that stands in the way: the free floor is the room shrunk, minus the furniture grown, by half the width.
 */
final class Ways {

    private static final double STEP_MM = 150;
    // Segments of a quarter circle: a corner is at most 2 mm too sharp for a way of 90 cm.
    private static final int ROUNDNESS = 8;
    private static final int NARROWEST_MM = 100;
    private static final double CLEAR_MM = 1000;
    private static final double SPECK_MM2 = 1000;

    private final RoomPlan plan;
    private final TimeLimit limit;
    private final Geometry room;
    private final Geometry inTheWay;
    private final Map<Integer, List<Zone>> cutOff = new HashMap<>();

    Ways(RoomPlan plan, TimeLimit limit) {
        this.plan = plan;
        this.limit = limit;
        this.room = Shapes.of(plan.outline());
        this.inTheWay = inTheWay(plan);
    }

    /**
     * Zones that cannot be reached from the doors, or from the largest free floor where there is no door. Where furniture fills a zone,
     * its edge within half the width is enough.
     */
    List<Zone> cutOff(int widthMm) {
        return cutOff.computeIfAbsent(widthMm, this::lookFor);
    }

    private List<Zone> lookFor(int widthMm) {
        Geometry free = free(widthMm);
        Geometry main = main(free, widthMm);
        return plan.zones().stream()
                .filter(zone -> {
                    limit.check();
                    Geometry floor = Shapes.of(zone.footprint());
                    double near = free.intersects(floor) ? 0 : widthMm / 2.0;
                    return main.isEmpty() || main.distance(floor) > near;
                })
                .toList();
    }

    private Geometry main(Geometry free, int widthMm) {
        List<Geometry> parts = new ArrayList<>();
        for (int at = 0; at < free.getNumGeometries(); at++) {
            parts.add(free.getGeometryN(at));
        }
        List<Geometry> doors = plan.doors().stream()
                .map(door -> (Geometry) Shapes.line(door.from(), door.to()))
                .toList();
        return parts.stream()
                .max(Comparator.comparingLong((Geometry part) -> doors.stream()
                                .filter(door -> part.distance(door) <= widthMm)
                                .count())
                        .thenComparingDouble(Geometry::getArea))
                .orElse(free);
    }

    private Geometry free(int widthMm) {
        double half = widthMm / 2.0;
        return Shapes.minus(room.buffer(-half), inTheWay.buffer(half, ROUNDNESS));
    }

    private static Geometry inTheWay(RoomPlan plan) {
        List<Geometry> taken = new ArrayList<>();
        plan.pieces().stream()
                .filter(piece -> piece.kind().isInTheWay())
                .forEach(piece -> taken.add(Shapes.of(piece.footprint())));
        plan.walls().forEach(wall -> taken.add(Shapes.line(wall.from(), wall.to())));
        return Shapes.FACTORY.buildGeometry(taken);
    }

    /** The widest way that still reaches a zone, to the centimetre; absent where even 10 cm do not. */
    Optional<Integer> widest(Zone zone) {
        if (cutOff(NARROWEST_MM).contains(zone)) {
            return Optional.empty();
        }
        int reached = NARROWEST_MM;
        int notReached = plan.pathWidthMm();
        while (notReached - reached > 10) {
            int middle = (reached + notReached) / 2;
            if (cutOff(middle).contains(zone)) {
                notReached = middle;
            } else {
                reached = middle;
            }
        }
        return Optional.of(reached / 10 * 10);
    }

    /**
     * How far a child walks from a zone to the nearest tap, metres, on a grid of 15 cm in eight directions and therefore up to a
     * twelfth too long; empty where there is no tap or no way.
     */
    OptionalDouble metresToTap(Zone zone) {
        List<Geometry> taps = plan.pieces().stream()
                .filter(piece -> piece.kind().use() == FurnitureUse.TAP)
                .map(piece -> (Geometry) Shapes.of(piece.footprint()))
                .toList();
        if (taps.isEmpty()) {
            return OptionalDouble.empty();
        }
        Geometry tap = Shapes.union(taps);
        Geometry goal = Shapes.of(zone.footprint());
        if (goal.distance(tap) <= STEP_MM) {
            return OptionalDouble.of(goal.distance(tap) / 1000);
        }
        return walk(goal, tap);
    }

    private OptionalDouble walk(Geometry from, Geometry to) {
        Envelope sheet = room.getEnvelopeInternal();
        int columns = (int) Math.ceil(sheet.getWidth() / STEP_MM);
        int rows = (int) Math.ceil(sheet.getHeight() / STEP_MM);
        PreparedGeometry free = PreparedGeometryFactory.prepare(free(400));
        double[] best = new double[columns * rows];
        Arrays.fill(best, Double.POSITIVE_INFINITY);
        boolean[] open = new boolean[columns * rows];
        PriorityQueue<double[]> queue = new PriorityQueue<>(Comparator.comparingDouble((double[] one) -> one[0]));
        double near = 200 + STEP_MM;
        for (int cell = 0; cell < open.length; cell++) {
            limit.check();
            Coordinate at = at(cell, columns, sheet);
            open[cell] = free.contains(Shapes.FACTORY.createPoint(at));
            if (open[cell] && from.distance(Shapes.FACTORY.createPoint(at)) <= near) {
                best[cell] = from.distance(Shapes.FACTORY.createPoint(at));
                queue.add(new double[] {best[cell], cell});
            }
        }
        while (!queue.isEmpty()) {
            limit.check();
            double[] next = queue.remove();
            int cell = (int) next[1];
            if (next[0] > best[cell]) {
                continue;
            }
            double left = to.distance(Shapes.FACTORY.createPoint(at(cell, columns, sheet)));
            if (left <= near) {
                return OptionalDouble.of((next[0] + left) / 1000);
            }
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    int x = cell % columns + dx;
                    int y = cell / columns + dy;
                    if (x < 0 || y < 0 || x >= columns || y >= rows || !open[y * columns + x]) {
                        continue;
                    }
                    double length = next[0] + STEP_MM * Math.hypot(dx, dy);
                    if (length < best[y * columns + x]) {
                        best[y * columns + x] = length;
                        queue.add(new double[] {length, y * columns + x});
                    }
                }
            }
        }
        return OptionalDouble.empty();
    }

    private static Coordinate at(int cell, int columns, Envelope sheet) {
        return new Coordinate(
                sheet.getMinX() + (cell % columns + 0.5) * STEP_MM, sheet.getMinY() + (cell / columns + 0.5) * STEP_MM);
    }

    /** Furniture within the clear floor before a door: as wide as the door and a metre deep on both its sides, within the room. */
    List<Piece> inFrontOf(Door door) {
        double dx = door.to().xMm() - door.from().xMm();
        double dy = door.to().yMm() - door.from().yMm();
        double length = Math.hypot(dx, dy);
        double acrossX = -dy / length * CLEAR_MM;
        double acrossY = dx / length * CLEAR_MM;
        Coordinate from = Shapes.coordinate(door.from());
        Coordinate to = Shapes.coordinate(door.to());
        Geometry clear = Shapes.both(
                Shapes.FACTORY.createPolygon(new Coordinate[] {
                    new Coordinate(from.x + acrossX, from.y + acrossY),
                    new Coordinate(to.x + acrossX, to.y + acrossY),
                    new Coordinate(to.x - acrossX, to.y - acrossY),
                    new Coordinate(from.x - acrossX, from.y - acrossY),
                    new Coordinate(from.x + acrossX, from.y + acrossY)
                }),
                room);
        return plan.pieces().stream()
                .filter(piece -> piece.kind().isInTheWay())
                .filter(piece ->
                        Shapes.both(Shapes.of(piece.footprint()), clear).getArea() > SPECK_MM2)
                .toList();
    }
}
