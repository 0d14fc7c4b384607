package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.room.Sightlines.Blind;
import app.carder.core.room.Sightlines.Seen;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

class SightlinesTest {

    private static final RoomPlan ROOM = TestPlans.with(
            TestPlans.empty(6000, 4000),
            List.of(TestPlans.zone("Room", ZoneKind.FLOOR, 3000, 2000, 6000, 4000)),
            List.of(),
            List.of(TestPlans.standing("a", 1000, 2000)));

    private static RoomPlan withShelf(int heightMm) {
        return TestPlans.with(
                ROOM,
                ROOM.zones(),
                List.of(TestPlans.piece("s", FurnitureKind.LOW_SHELF, 2175, 2000, 350, 1000, 0, heightMm)),
                ROOM.spots());
    }

    private static Seen seen(RoomPlan plan, Play play) {
        return Objects.requireNonNull(Sightlines.of(plan).zones().get(0).areas().get(play));
    }

    @Test
    void seesAnEmptyRoomWhole() {
        assertThat(Sightlines.of(ROOM).zones().get(0).percent(Play.FLOOR)).isEqualTo(100);
        assertThat(Sightlines.of(ROOM).blind().get(Play.FLOOR)).isEmpty();
    }

    @Test
    void seesNothingWithoutAnAdult() {
        RoomPlan alone = TestPlans.with(ROOM, ROOM.zones(), List.of(), List.of());

        assertThat(Sightlines.of(alone).percent(Play.TABLE)).contains(0);
    }

    /**
     * The shadow by hand. Eye at 150 cm, child at 30 cm, shelf of 70 cm: k = 120 / 80 = 1.5. The near corners lie 1 m, the far ones
     * 1.35 m off; enlarged from the eye they lie at 1.5 m and 2.025 m, and 0.75 m to either side. Hull: a trapezoid of 0.5 m x
     * (1 m + 1.5 m) / 2 and a rectangle of 0.525 m x 1.5 m, without the shelf's 0.35 m²: 0.625 + 0.7875 - 0.35 = 1.0625 m².
     */
    @Test
    void hidesWhatLiesBehindALowShelfAndNothingBeyondItsShadow() {
        Seen seen = seen(withShelf(700), Play.FLOOR);

        assertThat(seen.floorM2()).isCloseTo(24 - 0.35, within(1e-6));
        assertThat(seen.floorM2() - seen.seenM2()).isCloseTo(1.0625, within(1e-6));
        assertThat(seen.percent()).isEqualTo(95);
    }

    /** A child at a table is seen at 80 cm, over a shelf of 70 cm; a shelf of 75 cm hides the floor but not the table. */
    @ParameterizedTest
    @CsvSource({"700, TABLE, 0", "300, FLOOR, 0", "800, TABLE, 0", "810, TABLE, 1", "310, FLOOR, 1"})
    void hidesNothingThatIsHigherThanTheFurniture(int heightMm, Play play, int hides) {
        Seen seen = seen(withShelf(heightMm), play);

        assertThat(seen.floorM2() - seen.seenM2() > 1e-6).isEqualTo(hides == 1);
    }

    /** From (1 m, 2 m) past the corners (2 m, 1.5 m) and (2 m, 2.5 m) of a cupboard: a wedge to the far wall, 1 m wide at 2 m, 5 m at 6 m. */
    @Test
    void hidesEverythingBehindACupboardThatNobodySeesOver() {
        Seen seen = seen(withShelf(1900), Play.FLOOR);

        // y runs from 2 - 0.5 x to 2 + 0.5 x at x metres from the eye, cut at 0 and 4: a trapezoid to x = 4, then the
        // whole width.
        double wedge = (1 + 4) / 2.0 * 3 + 1 * 4;
        assertThat(seen.floorM2() - seen.seenM2()).isCloseTo(wedge - 0.35, within(1e-6));
    }

    @Test
    void wallsHideToTheCeilingAndACornerOfTheOutlineToo() {
        RoomPlan walled = new RoomPlan(
                ROOM.place(),
                ROOM.outline(),
                900,
                List.of(new Wall("w", new Point(3000, 0), new Point(3000, 4000))),
                List.of(),
                ROOM.zones(),
                List.of(),
                ROOM.spots());
        RoomPlan bent = new RoomPlan(
                ROOM.place(),
                List.of(
                        new Point(0, 0),
                        new Point(6000, 0),
                        new Point(6000, 1000),
                        new Point(3000, 1000),
                        new Point(3000, 4000),
                        new Point(0, 4000)),
                900,
                List.of(),
                List.of(),
                ROOM.zones(),
                List.of(),
                List.of(TestPlans.standing("a", 0, 4000)));

        assertThat(seen(walled, Play.TABLE).percent()).isEqualTo(50);
        // From (0, 4) past the corner (3, 1) the look reaches (4, 0): of the arm of 3 m by 1 m a triangle of 0.5 m² is
        // seen.
        assertThat(seen(bent, Play.FLOOR).floorM2() - seen(bent, Play.FLOOR).seenM2())
                .isCloseTo(2.5, within(1e-6));
    }

    @Test
    void aSecondAdultSeesBehindTheShelf() {
        RoomPlan shelf = withShelf(1900);
        RoomPlan two = TestPlans.with(
                shelf,
                shelf.zones(),
                shelf.pieces(),
                List.of(TestPlans.standing("a", 1000, 2000), TestPlans.standing("b", 5000, 2000)));

        // Two slivers beside the shelf's ends stay hidden from both: triangles of 35 cm by at most 7 cm.
        Seen seen = seen(two, Play.FLOOR);
        assertThat(seen.floorM2() - seen.seenM2()).isBetween(0.001, 2 * 0.35 * 0.07 / 2);
    }

    @Test
    void anAdultOutsideTheRoomSeesNothingOfIt() {
        RoomPlan outside = TestPlans.with(ROOM, ROOM.zones(), List.of(), List.of(TestPlans.standing("a", 7000, 2000)));

        assertThat(Sightlines.of(outside).percent(Play.FLOOR)).contains(0);
    }

    @Test
    void aSeatedAdultSeesLessOverAHalfHighShelf() {
        RoomPlan seated = TestPlans.with(
                withShelf(1100),
                ROOM.zones(),
                withShelf(1100).pieces(),
                List.of(new Spot("a", new Point(1000, 2000), Posture.SEATED)));

        assertThat(seen(seated, Play.FLOOR).seenM2())
                .isLessThan(seen(withShelf(1100), Play.FLOOR).seenM2());
    }

    /** Every point of a fine grid is judged by its own ray, slowly; the areas must say the same away from their edges. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2})
    void agreesWithSingleRaysInAFullRoom(long seed) {
        RoomPlan plan = TestPlans.large(seed);
        Sightlines sight = Sightlines.of(plan);
        List<Shadow> casters = Shadow.casters(plan);
        int looked = 0;
        for (Play play : Play.values()) {
            Geometry blind = union(Objects.requireNonNull(sight.blind().get(play)));
            Geometry covered = Shapes.union(plan.pieces().stream()
                    .filter(piece -> piece.heightMm() > play.heightMm())
                    .map(piece -> (Geometry) Shapes.of(piece.footprint()))
                    .toList());
            PreparedGeometry underPieces = PreparedGeometryFactory.prepare(covered);
            PreparedGeometry outOfSight = PreparedGeometryFactory.prepare(blind);
            IndexedFacetDistance edge = new IndexedFacetDistance(blind.getBoundary());
            for (RoomPlan.Zone zone : plan.zones()) {
                Geometry edgeOfFloor = Shapes.of(zone.footprint()).getBoundary();
                for (int x = zone.footprint().middle().xMm() - 1350;
                        x < zone.footprint().middle().xMm() + 1350;
                        x += 150) {
                    for (int y = zone.footprint().middle().yMm() - 1350;
                            y < zone.footprint().middle().yMm() + 1350;
                            y += 150) {
                        Geometry point = Shapes.FACTORY.createPoint(new Coordinate(x, y));
                        if (underPieces.intersects(point)
                                || edge.distance(point) < 5
                                || edgeOfFloor.distance(point) < 5) {
                            continue;
                        }
                        boolean hidden = plan.spots().stream()
                                .allMatch(spot -> casters.stream()
                                        .anyMatch(caster -> caster.hides(
                                                Shapes.coordinate(spot.at()),
                                                spot.posture().eyeMm(),
                                                point.getCoordinate(),
                                                play.heightMm())));
                        assertThat(outOfSight.intersects(point))
                                .as("%s at %d, %d", play, x, y)
                                .isEqualTo(hidden);
                        looked++;
                    }
                }
            }
        }
        assertThat(looked).isGreaterThan(3000);
    }

    private static Geometry union(List<Blind> parts) {
        List<Geometry> polygons = new ArrayList<>();
        for (Blind part : parts) {
            Geometry whole = polygon(part.corners());
            for (List<Double> hole : part.holes()) {
                whole = whole.difference(polygon(hole));
            }
            polygons.add(whole);
        }
        return Shapes.union(polygons);
    }

    private static Geometry polygon(List<Double> corners) {
        List<Coordinate> ring = new ArrayList<>();
        for (int at = 0; at < corners.size(); at += 2) {
            ring.add(new Coordinate(corners.get(at), corners.get(at + 1)));
        }
        ring.add(ring.get(0).copy());
        return Shapes.FACTORY.createPolygon(ring.toArray(Coordinate[]::new)).buffer(0);
    }
}
