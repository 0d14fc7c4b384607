package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.drawing.Sketch;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.room.RoomPlan.Zone;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class RoomPlanTest {

    private static RoomPlan outlined(int pathMm, Point... corners) {
        return new RoomPlan(
                Place.INDOORS, List.of(corners), pathMm, List.of(), List.of(), List.of(), List.of(), List.of());
    }

    @Test
    void refusesAnOutlineThatIsNone() {
        assertThatThrownBy(() -> outlined(900, new Point(0, 0), new Point(1, 1)))
                .hasMessage("The outline must have 3 to 40 corners; this has 2.");
        assertThatThrownBy(() ->
                        outlined(900, new Point(0, 0), new Point(4000, 4000), new Point(4000, 0), new Point(0, 4000)))
                .hasMessageStartingWith("The outline must not cross itself.");
        assertThatThrownBy(() -> outlined(300, new Point(0, 0), new Point(4000, 0), new Point(0, 4000)))
                .hasMessage("The walkway must be 40 cm to 250 cm wide; this is 300 mm.");
    }

    @Test
    void refusesThingsThatCannotBe() {
        assertThatThrownBy(() -> new Point(-1, 0)).hasMessage("Places must lie within 0 to 60 m; this is -1 mm, 0 mm.");
        assertThatThrownBy(() -> Footprint.of(0, 0, 10, 500, 0))
                .hasMessage("Sides must be 2 cm to 30 m long; these are 10 mm by 500 mm.");
        assertThatThrownBy(() -> Footprint.of(0, 0, 500, 500, 360))
                .hasMessage("The turn must be 0 to 359 degrees; this says 360.");
        assertThatThrownBy(() -> new Wall("w", new Point(1, 1), new Point(1, 1)))
                .hasMessageStartingWith("Wall must have two ends");
        assertThatThrownBy(() -> new Wall("<w>", new Point(1, 1), new Point(1, 2)))
                .hasMessage("An id must be 1 to 40 letters, digits or hyphens; this is \"<w>\".");
        assertThatThrownBy(
                        () -> new Zone("z", " ", ZoneKind.FLOOR, RoomPlan.Ground.HARD, Footprint.of(0, 0, 100, 100, 0)))
                .hasMessage("A zone must have a name.");
        assertThatThrownBy(() ->
                        new Zone("z", "Books\n", ZoneKind.FLOOR, RoomPlan.Ground.HARD, Footprint.of(0, 0, 100, 100, 0)))
                .hasMessageContaining("one line");
        assertThatThrownBy(() -> TestPlans.piece("p", FurnitureKind.TABLE, 0, 0, 100, 100, 0, 3001))
                .hasMessage("Furniture must be 0 to 3 m high; this is 3,001 mm.");
        assertThatThrownBy(() -> new Piece("p", FurnitureKind.TABLE, "", Footprint.of(0, 0, 100, 100, 0), 1, 13))
                .hasMessage("Furniture must have 0 to 12 places; this has 13.");
    }

    @Test
    void refusesTwoThingsWithOneIdAndTooMany() {
        Zone zone = TestPlans.zone("Books", ZoneKind.QUIET, 500, 500, 500, 500);
        RoomPlan empty = TestPlans.empty(1000, 1000);

        assertThatThrownBy(() -> TestPlans.with(empty, List.of(zone, zone), List.of(), List.of()))
                .hasMessage("Each thing must have an id of its own; books appears twice.");
        assertThatThrownBy(() -> TestPlans.with(empty, Collections.nCopies(301, zone), List.of(), List.of()))
                .hasMessage("A plan may have up to 300 things; this has 301.");
    }

    @Test
    void knowsItsSidesAndThePlacesForCardsInAZone() {
        Zone zone = TestPlans.zone("Books", ZoneKind.QUIET, 1000, 1000, 1000, 1000);
        RoomPlan plan = TestPlans.with(
                TestPlans.empty(3000, 4000),
                List.of(zone),
                List.of(
                        new Piece("in", FurnitureKind.LOW_SHELF, "", Footprint.of(1200, 900, 1200, 350, 0), 700, 5),
                        new Piece("out", FurnitureKind.LOW_SHELF, "", Footprint.of(2000, 3000, 1200, 350, 0), 700, 4)),
                List.of());

        assertThat(plan.placesIn(zone)).isEqualTo(5);
        assertThat(plan.sides()).extracting(side -> side.inCentimetres()).containsExactly(300.0, 400.0, 300.0, 400.0);
    }

    @Test
    void isDrawnOnItsSheetWithItsZones() {
        Sketch drawing = PlanDrawing.of("Loft", TestPlans.large(3));

        assertThat(drawing.title()).isEqualTo("Plan of Loft");
        assertThat(drawing.description()).startsWith("Loft, 12.0 m by 9.0 m, with Zone 0, Zone 1");
        assertThat(drawing.marks())
                .filteredOn(Sketch.Label.class::isInstance)
                .extracting(mark -> ((Sketch.Label) mark).text())
                .contains("Zone 11", "1 m");
        assertThat(drawing.marks())
                .filteredOn(Sketch.Round.class::isInstance)
                .hasSize(4)
                .allSatisfy(mark -> {
                    assertThat(((Sketch.Round) mark).x()).isBetween(0.0, drawing.width());
                    assertThat(((Sketch.Round) mark).y()).isBetween(0.0, drawing.height());
                });
    }
}
