package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

class ShapesTest {

    private static final Envelope ZONE = new Envelope(2000, 5000, 1000, 4000);

    /** Against the intersection of JTS, for convex shapes that lie in, across, around and beside the zone. */
    @Test
    void cutsConvexShapesToAZoneAsJtsDoes() {
        Random random = new Random(5);
        Geometry zone = Shapes.FACTORY.toGeometry(ZONE);
        int inside = 0;
        int beside = 0;
        for (int round = 0; round < 2000; round++) {
            Polygon shape = convex(random, 200 + random.nextInt(6000));
            double expected = shape.intersection(zone).getArea();

            Optional<Polygon> part = Shapes.within(shape, ZONE);

            assertThat(part.map(Geometry::getArea).orElse(0.0)).isCloseTo(expected, within(1e-3 * (1 + expected)));
            part.ifPresent(found -> assertThat(found.isValid()).isTrue());
            inside += part.filter(shape::equals).isPresent() ? 1 : 0;
            beside += part.isEmpty() ? 1 : 0;
        }
        assertThat(inside).as("shapes that lie wholly in the zone were tried").isPositive();
        assertThat(beside).as("shapes beside it, too").isPositive();
    }

    @Test
    void whatOnlyTouchesTheZoneIsNotInIt() {
        Polygon neighbour = box(5000, 1000, 7000, 4000);

        assertThat(Shapes.within(neighbour, ZONE)).isEmpty();
    }

    @Test
    void leavesOutOnlyWhatLiesWithinAnother() {
        Polygon large = box(0, 0, 100, 100);
        Polygon small = box(10, 10, 20, 20);
        Polygon across = box(90, 90, 110, 110);

        assertThat(Shapes.outermost(List.of(small, large, across))).containsExactly(large, across);
        assertThat(Shapes.outermost(List.of(large, box(0, 0, 100, 100))))
                .as("one of two alike stays")
                .hasSize(1);
    }

    @Test
    void whatIsLeftCoversTheSameFloor() {
        Random random = new Random(7);
        for (int round = 0; round < 100; round++) {
            List<Polygon> shapes = new ArrayList<>();
            for (int at = 0; at < 12; at++) {
                shapes.add(convex(random, 500 + random.nextInt(3000)));
            }

            double all = Shapes.union(shapes).getArea();

            assertThat(Shapes.union(Shapes.outermost(shapes)).getArea()).isCloseTo(all, within(1e-6 * all));
        }
    }

    private static Polygon box(int left, int top, int right, int bottom) {
        return (Polygon) Shapes.FACTORY.toGeometry(new Envelope(left, right, top, bottom));
    }

    private static Polygon convex(Random random, int size) {
        int x = random.nextInt(7000);
        int y = random.nextInt(6000);
        Coordinate[] corners = new Coordinate[7];
        for (int at = 0; at < corners.length; at++) {
            corners[at] = new Coordinate(x + random.nextInt(size), y + random.nextInt(size));
        }
        Geometry hull = new ConvexHull(corners, Shapes.FACTORY).getConvexHull();
        return hull instanceof Polygon polygon ? polygon : convex(random, size);
    }
}
