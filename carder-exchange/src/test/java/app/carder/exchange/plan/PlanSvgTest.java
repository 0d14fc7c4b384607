package app.carder.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.room.Footprint;
import app.carder.core.room.FurnitureKind;
import app.carder.core.room.Point;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Ground;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.room.ZoneKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlanSvgTest {

    private static RoomPlan random(long seed) {
        Random random = new Random(seed);
        List<Wall> walls = new ArrayList<>();
        List<Door> doors = new ArrayList<>();
        List<Zone> zones = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        for (int at = 0; at < 1 + random.nextInt(12); at++) {
            Footprint place = Footprint.of(
                    random.nextInt(9000),
                    random.nextInt(9000),
                    20 + random.nextInt(3000),
                    20 + random.nextInt(3000),
                    random.nextInt(360));
            String name = random.nextBoolean() ? "Post <office> & \"co\" ’" + at : "Æbler é" + at;
            walls.add(new Wall("wall-" + at, point(random), new Point(9000 + at, at)));
            doors.add(new Door("door-" + at, one(DoorUse.values(), random), point(random), new Point(9000 + at, at)));
            zones.add(
                    new Zone("zone-" + at, name, one(ZoneKind.values(), random), one(Ground.values(), random), place));
            pieces.add(new Piece(
                    "piece-" + at,
                    one(FurnitureKind.values(), random),
                    random.nextBoolean() ? "" : name,
                    place,
                    random.nextInt(3000),
                    random.nextInt(12)));
            spots.add(new Spot("spot-" + at, point(random), one(Posture.values(), random)));
        }
        return new RoomPlan(
                one(Place.values(), random),
                List.of(new Point(10, 20), new Point(9010, 20), new Point(9010, 7000), new Point(10, 6999)),
                400 + random.nextInt(2000),
                walls,
                doors,
                zones,
                pieces,
                spots);
    }

    private static Point point(Random random) {
        return new Point(random.nextInt(8999), random.nextInt(8999));
    }

    private static <E> E one(E[] choices, Random random) {
        return choices[random.nextInt(choices.length)];
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void readsExactlyWhatItWrote(long seed) {
        RoomPlan plan = random(seed);

        assertThat(PlanSvg.read(PlanSvg.write("Loft", plan))).isEqualTo(plan);
    }

    @Test
    void passesOverWhatOtherProgramsAdd() {
        RoomPlan plan = random(3);
        String edited = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<!-- made elsewhere -->\n"
                + PlanSvg.write("Loft", plan)
                        .replace("</svg>", "<metadata><x/></metadata><g><circle r=\"3\"/></g></svg>")
                        .replace(" fill=\"#EAD9B5\"", " style=\"fill:red\"");

        assertThat(PlanSvg.read(edited)).isEqualTo(plan);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "not xml                     | This SVG file cannot be read.",
                "<svg/>                      | This SVG is not a Carder plan: it has no measurements in it.",
                "<svg data-carder='plan' data-version='2'/> | The plan must be version 1, but it says 2.",
                "<svg data-carder='plan' data-version='1' data-place='MOON'><g data-carder='outline' points='0,0 9,0 9,9'/></svg> | data-place must be one that Carder knows; this says \"MOON\".",
                "<svg data-carder='plan' data-version='1'><g data-carder='outline' points='0,0 9 9,9'/></svg> | A corner must be two numbers; this says \"9\".",
                "<svg data-carder='plan' data-version='1'><g data-carder='boat'/></svg> | The plan has something Carder does not know: boat.",
                "<svg data-carder='plan' data-version='1'><g data-carder='wall' x1='1.5'/></svg> | x1 must be a whole number; this says \"1.5\".",
                "<svg data-carder='plan' data-version='1' data-place='INDOORS' data-path='900'/> | The outline must have 3 to 40 corners; this has 0.",
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg data-carder='plan'>&x;</svg> | This SVG file cannot be read."
            })
    void refusesInWordsWhatIsNoPlan(String svg, String words) {
        assertThatThrownBy(() -> PlanSvg.read(svg.strip())).hasMessage(words.strip());
    }

    @Test
    void refusesWhatIsTooLarge() {
        assertThatThrownBy(() -> PlanSvg.read(" ".repeat(PlanSvg.LARGEST_CHARACTERS + 1)))
                .hasMessageStartingWith("The file may have up to 512 KiB; this one has 513");
    }
}
