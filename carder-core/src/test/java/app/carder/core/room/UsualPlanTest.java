package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.ratio.RatioRule;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Zone;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UsualPlanTest {

    private static Map<String, String> zones(int many) {
        Map<String, String> zones = new LinkedHashMap<>();
        for (int at = 0; at < many; at++) {
            zones.put("zone-" + at, "Zone " + at);
        }
        return zones;
    }

    /** However many zones there are, they lie apart, within the room, with a way of 90 cm to each. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 5, 12, 20})
    void laysZonesOutApartAndReachable(int many) {
        RoomPlan plan = UsualPlan.of(Place.INDOORS, zones(many));

        assertThat(plan.zones()).hasSize(many);
        assertThat(RoomCheck.of(plan, RatioRule.usual(), List.of()))
                .extracting(finding -> finding.code())
                .doesNotContain("WAY", "DOORWAY");
        for (Zone one : plan.zones()) {
            for (Zone other : plan.zones()) {
                assertThat(one.equals(other)
                                || Shapes.of(one.footprint()).distance(Shapes.of(other.footprint())) >= 900)
                        .isTrue();
            }
        }
    }

    @Test
    void putsZonesIndoorsOrOutByTheirNames() {
        Map<String, String> zones = Map.of("a", "Garden", "b", "Tray table", "c", "Outdoor kitchen");

        assertThat(UsualPlan.of(Place.INDOORS, zones).zones())
                .extracting(Zone::name)
                .containsExactly("Tray table");
        assertThat(UsualPlan.of(Place.OUTDOORS, zones).zones())
                .extracting(Zone::name)
                .containsExactlyInAnyOrder("Garden", "Outdoor kitchen");
    }

    @ParameterizedTest
    @CsvSource({
        "Water, WET",
        "Book den, QUIET",
        "Writing, WRITING",
        "Post office, ROLE_PLAY",
        "Light table, LIGHT",
        "Tray table, TABLE",
        "Blocks, BUSY",
        "Rug, FLOOR"
    })
    void guessesWhatAZoneIsFor(String name, ZoneKind kind) {
        assertThat(UsualPlan.of(Place.INDOORS, Map.of("z", name)).zones().get(0).kind())
                .isEqualTo(kind);
    }
}
