package app.carder.core.room;

import app.carder.core.room.RoomPlan.Ground;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Plans to work out with. */
public final class TestPlans {

    private TestPlans() {}

    /** An empty rectangle. */
    public static RoomPlan empty(int widthMm, int depthMm) {
        return new RoomPlan(
                Place.INDOORS,
                List.of(new Point(0, 0), new Point(widthMm, 0), new Point(widthMm, depthMm), new Point(0, depthMm)),
                900,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    static RoomPlan with(RoomPlan plan, List<Zone> zones, List<Piece> pieces, List<Spot> spots) {
        return new RoomPlan(
                plan.place(), plan.outline(), plan.pathWidthMm(), plan.walls(), plan.doors(), zones, pieces, spots);
    }

    static Zone zone(String name, ZoneKind kind, int x, int y, int width, int depth) {
        return new Zone(
                name.toLowerCase(Locale.ROOT).replace(' ', '-'),
                name,
                kind,
                Ground.HARD,
                Footprint.of(x, y, width, depth, 0));
    }

    static Piece piece(String id, FurnitureKind kind, int x, int y, int width, int depth, int turn, int height) {
        return new Piece(id, kind, "", Footprint.of(x, y, width, depth, turn), height, 0);
    }

    static Spot standing(String id, int x, int y) {
        return new Spot(id, new Point(x, y), Posture.STANDING);
    }

    /** 12 m by 9 m, twelve zones, 40 pieces of furniture at random, 4 adults: the room that speed is measured on. */
    public static RoomPlan large(long seed) {
        Random random = new Random(seed);
        List<Zone> zones = new ArrayList<>();
        for (int at = 0; at < 12; at++) {
            zones.add(zone("Zone " + at, ZoneKind.FLOOR, 1500 + 3000 * (at % 4), 1500 + 3000 * (at / 4), 2800, 2800));
        }
        FurnitureKind[] kinds = FurnitureKind.values();
        List<Piece> pieces = new ArrayList<>();
        for (int at = 0; at < 40; at++) {
            FurnitureKind kind = kinds[at % kinds.length];
            pieces.add(piece(
                    "piece-" + at,
                    kind,
                    800 + random.nextInt(10_400),
                    800 + random.nextInt(7400),
                    kind.widthMm(),
                    kind.depthMm(),
                    random.nextInt(360),
                    kind.heightMm()));
        }
        List<Spot> spots = new ArrayList<>();
        for (int at = 0; at < 4; at++) {
            spots.add(new Spot(
                    "spot-" + at,
                    new Point(500 + random.nextInt(11_000), 500 + random.nextInt(8000)),
                    at % 2 == 0 ? Posture.STANDING : Posture.SEATED));
        }
        return with(empty(12_000, 9000), zones, pieces, spots);
    }
}
