package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import app.carder.core.ratio.RatioRule;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Ground;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.safety.Finding;
import app.carder.core.safety.Level;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.said.TimeLimit;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class RoomCheckTest {

    private static final Zone BOOKS = TestPlans.zone("Books", ZoneKind.QUIET, 1000, 1000, 1600, 1600);
    private static final Zone BLOCKS = TestPlans.zone("Blocks", ZoneKind.BUSY, 3000, 1000, 1600, 1600);
    private static final Zone WATER = TestPlans.zone("Water", ZoneKind.WET, 5000, 3000, 1600, 1600);
    private static final Door EXIT = new Door("exit", DoorUse.FIRE_EXIT, new Point(2500, 4000), new Point(3500, 4000));
    private static final Piece SINK = TestPlans.piece("sink", FurnitureKind.SINK, 5700, 1500, 450, 500, 0, 600);

    private static RoomPlan room(List<Door> doors, List<Wall> walls, List<Zone> zones, List<Piece> pieces) {
        return new RoomPlan(
                Place.INDOORS, TestPlans.empty(6000, 4000).outline(), 900, walls, doors, zones, pieces, List.of());
    }

    private static List<Finding> check(RoomPlan plan) {
        return RoomCheck.of(plan, RatioRule.usual(), List.of(40, 40, 40));
    }

    @Test
    void saysNothingAboutARoomThatIsInOrder() {
        assertThat(check(room(List.of(EXIT), List.of(), List.of(BOOKS, WATER), List.of(SINK))))
                .isEmpty();
    }

    /** 24 m² for children of three: 24 / 2.3 = 10.4, so 11 are too many; the sink's 0.225 m² do not count. */
    @Test
    void countsFloorForEachChild() {
        RoomPlan plan = room(List.of(), List.of(), List.of(), List.of(SINK));

        assertThat(RoomCheck.of(plan, RatioRule.usual(), Collections.nCopies(10, 40)))
                .isEmpty();
        assertThat(RoomCheck.of(plan, RatioRule.usual(), Collections.nCopies(11, 40)))
                .singleElement()
                .satisfies(finding -> {
                    assertThat(finding.level()).isEqualTo(Level.STOP_FOR);
                    assertThat(finding.reason())
                            .isEqualTo("11 children need 25.3 m², the floor that counts is 23.77 m²");
                });
    }

    @Test
    void aGardenHasNoStatutoryFloor() {
        RoomPlan garden = new RoomPlan(
                Place.OUTDOORS,
                TestPlans.empty(3000, 3000).outline(),
                900,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());

        assertThat(RoomCheck.of(garden, RatioRule.usual(), Collections.nCopies(30, 40)))
                .isEmpty();
    }

    @Test
    void fireExitsStayClear() {
        Piece before = TestPlans.piece("t", FurnitureKind.TABLE, 3000, 3400, 800, 400, 0, 460);
        Piece beside = TestPlans.piece("t", FurnitureKind.TABLE, 1900, 3700, 800, 400, 0, 460);
        Piece rug = TestPlans.piece("t", FurnitureKind.RUG, 3000, 3400, 800, 400, 0, 10);

        assertThat(check(room(List.of(EXIT), List.of(), List.of(), List.of(before))))
                .singleElement()
                .satisfies(finding -> {
                    assertThat(finding.code()).isEqualTo("FIRE_EXIT");
                    assertThat(finding.level()).isEqualTo(Level.STOP_FOR);
                    assertThat(finding.reason()).isEqualTo("within a metre of it: Table");
                });
        assertThat(check(room(List.of(EXIT), List.of(), List.of(), List.of(beside))))
                .isEmpty();
        assertThat(check(room(List.of(EXIT), List.of(), List.of(), List.of(rug))))
                .isEmpty();
    }

    /** A wall with a gap of 70 cm between it and the side wall: a way of 90 cm does not pass, one of 70 cm just does. */
    @Test
    void namesTheWidestWayToAZoneThatIsCutOff() {
        Wall wall = new Wall("w", new Point(4000, 0), new Point(4000, 3300));

        List<Finding> findings = check(room(List.of(EXIT), List.of(wall), List.of(WATER), List.of(SINK)));

        assertThat(findings).singleElement().satisfies(finding -> {
            assertThat(finding.code()).isEqualTo("WAY");
            assertThat(finding.subject()).isEqualTo("Water");
            assertThat(finding.reason()).matches("the way to it should be 90 cm wide; the widest is (69|70) cm");
        });
    }

    @Test
    void aZoneBehindAClosedWallHasNoWayAtAll() {
        Wall wall = new Wall("w", new Point(4000, 0), new Point(4000, 4000));

        assertThat(check(room(List.of(EXIT), List.of(wall), List.of(WATER), List.of(SINK))))
                .extracting(Finding::reason)
                .containsExactly("the way to it should be 90 cm wide; there is none at all");
    }

    @Test
    void wetPlayStandsOnAHardFloorNearATap() {
        Zone onCarpet = new Zone("water", "Water", ZoneKind.WET, Ground.CARPET, WATER.footprint());
        Piece rug = TestPlans.piece("r", FurnitureKind.RUG, 5000, 3000, 800, 800, 0, 10);

        assertThat(check(room(List.of(), List.of(), List.of(onCarpet), List.of(SINK))))
                .extracting(Finding::code, Finding::reason)
                .containsExactly(tuple("WET_FLOOR", "it is on carpet"));
        assertThat(check(room(List.of(), List.of(), List.of(WATER), List.of(SINK, rug))))
                .extracting(Finding::code, Finding::reason)
                .containsExactly(tuple("WET_FLOOR", "a rug lies in it"));
        assertThat(check(room(List.of(), List.of(), List.of(WATER), List.of())))
                .extracting(Finding::code, Finding::reason)
                .containsExactly(tuple("TAP", "no tap on this plan can be reached from it"));
    }

    /** Around a wall that reaches to 3.4 m of 4 m the way is much longer than the straight line of 1.6 m. */
    @Test
    void theWayToTheTapGoesAroundWalls() {
        Wall wall = new Wall("w", new Point(2000, 0), new Point(2000, 3200));
        Zone corner = TestPlans.zone("Water", ZoneKind.WET, 600, 600, 1000, 1000);
        Piece tap = TestPlans.piece("sink", FurnitureKind.SINK, 2500, 500, 500, 450, 0, 600);

        assertThat(check(room(List.of(), List.of(wall), List.of(corner), List.of(tap))))
                .filteredOn(finding -> finding.code().equals("TAP"))
                .singleElement()
                .satisfies(finding ->
                        assertThat(finding.reason()).matches("the nearest tap is (4\\.[5-9]|5\\.[0-9]) m away; .*"));
    }

    @Test
    void quietKeepsAwayFromLoudOrBehindADivider() {
        Piece divider = TestPlans.piece("d", FurnitureKind.DIVIDER, 2000, 1000, 50, 1200, 0, 1000);

        assertThat(check(room(List.of(), List.of(), List.of(BOOKS, BLOCKS), List.of())))
                .singleElement()
                .satisfies(finding -> {
                    assertThat(finding.code()).isEqualTo("QUIET");
                    assertThat(finding.reason()).startsWith("Blocks is 40 cm away");
                });
        assertThat(check(room(List.of(), List.of(), List.of(BOOKS, BLOCKS), List.of(divider))))
                .isEmpty();
    }

    @Test
    void aZoneTakesSoManyChildrenAsItsFloorHas() {
        Capacity capacity = Capacity.of(
                room(List.of(), List.of(), List.of(BOOKS, WATER), List.of(SINK)), RatioRule.usual(), List.of(20, 40));

        // 1.6 m x 1.6 m = 2.56 m²; a child under two takes 3.5 m², so the zone is for one.
        assertThat(capacity.zones()).extracting(Capacity.OfZone::children).containsExactly(1, 1);
        assertThat(Capacity.of(TestPlans.large(1), RatioRule.usual(), List.of(40))
                        .zones()
                        .get(0)
                        .floorM2())
                .isLessThanOrEqualTo(new BigDecimal("7.84"));
    }

    @Test
    void whatTakesTooLongIsGivenUpAndSaidToBeUnknown() {
        RoomPlan plan = TestPlans.large(1);
        TimeLimit over = TimeLimit.of(Duration.ofNanos(-1));

        assertThatThrownBy(() -> RoomCheck.of(plan, RatioRule.usual(), List.of(), over))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Sightlines.of(plan, over)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> SpotProposal.of(plan, 2, Posture.STANDING, Play.FLOOR, over))
                .isInstanceOf(Refused.class);
        assertThat(RoomCheck.notLookedOver(Said.typed("Too much.")).holds()).isTrue();
    }
}
