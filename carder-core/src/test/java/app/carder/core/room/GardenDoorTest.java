package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Piece;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A door in the right-hand wall of a room of 6 m by 4 m, a table on the left, water beside the door. */
class GardenDoorTest {

    private static RoomPlan plan(DoorUse use, List<Piece> pieces) {
        RoomPlan empty = TestPlans.empty(6000, 4000);
        return new RoomPlan(
                empty.place(),
                empty.outline(),
                empty.pathWidthMm(),
                empty.walls(),
                List.of(new Door("d", use, new Point(6000, 1500), new Point(6000, 2500))),
                List.of(
                        TestPlans.zone("Table", ZoneKind.FLOOR, 1000, 2000, 1000, 1000),
                        TestPlans.zone("Water", ZoneKind.FLOOR, 5000, 2000, 1000, 1000)),
                pieces,
                List.of());
    }

    private static Set<String> names(RoomPlan plan) {
        return plan.zones().stream()
                .filter(zone -> GardenDoor.seenFrom(plan).orElseThrow().contains(zone.id()))
                .map(RoomPlan.Zone::name)
                .collect(Collectors.toSet());
    }

    @Test
    void theDoorIsSeenFromEverywhereInAnEmptyRoom() {
        assertThat(names(plan(DoorUse.GARDEN, List.of()))).containsExactlyInAnyOrder("Table", "Water");
    }

    @Test
    void aHighShelfHidesItFromThoseBehind() {
        Piece shelf = TestPlans.piece("s", FurnitureKind.LOW_SHELF, 3000, 2000, 350, 1500, 0, 1200);

        assertThat(names(plan(DoorUse.GARDEN, List.of(shelf)))).containsExactly("Water");
    }

    @Test
    void aPlanWithoutAGardenDoorCannotTell() {
        assertThat(GardenDoor.seenFrom(plan(DoorUse.INNER, List.of()))).isEmpty();
    }
}
