package app.carder.core.room;

import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Ground;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The plan that a room begins with: its zones in rows, a door and an adult. Meant to be changed at once. */
public final class UsualPlan {

    private static final int ZONE_MM = 2000;
    private static final int WAY_MM = 900;
    private static final int MOST_ZONES = 36;

    private UsualPlan() {}

    /** Whether a zone lies out of doors, by its name. */
    public static boolean isOutdoors(String zoneName) {
        String name = zoneName.toLowerCase(Locale.ROOT);
        return List.of("garden", "outdoor", "outside", "yard", "terrace").stream()
                .anyMatch(name::contains);
    }

    /**
     * Lays the zones of a place out.
     *
     * @param zones names by id, in order; those that lie elsewhere are left out
     */
    public static RoomPlan of(Place place, Map<String, String> zones) {
        List<Map.Entry<String, String>> here = zones.entrySet().stream()
                .filter(zone -> isOutdoors(zone.getValue()) == (place == Place.OUTDOORS))
                .limit(MOST_ZONES)
                .toList();
        int columns = Math.max(2, (int) Math.ceil(Math.sqrt(here.size())));
        int rows = Math.max(2, (here.size() + columns - 1) / columns);
        int width = columns * (ZONE_MM + WAY_MM) + WAY_MM;
        int depth = rows * (ZONE_MM + WAY_MM) + WAY_MM;
        List<Zone> placed = new ArrayList<>();
        for (int at = 0; at < here.size(); at++) {
            placed.add(new Zone(
                    here.get(at).getKey(),
                    here.get(at).getValue(),
                    place == Place.OUTDOORS
                            ? ZoneKind.OUTDOORS
                            : kind(here.get(at).getValue()),
                    place == Place.OUTDOORS ? Ground.GRASS : Ground.HARD,
                    Footprint.of(
                            WAY_MM + ZONE_MM / 2 + at % columns * (ZONE_MM + WAY_MM),
                            WAY_MM + ZONE_MM / 2 + at / columns * (ZONE_MM + WAY_MM),
                            ZONE_MM,
                            ZONE_MM,
                            0)));
        }
        return new RoomPlan(
                place,
                List.of(new Point(0, 0), new Point(width, 0), new Point(width, depth), new Point(0, depth)),
                RoomPlan.USUAL_PATH_MM,
                List.of(),
                List.of(new Door(
                        "door-1",
                        place == Place.OUTDOORS ? DoorUse.GARDEN : DoorUse.INNER,
                        new Point(width - WAY_MM - 100, depth),
                        new Point(width - 100, depth))),
                placed,
                List.of(),
                List.of(new Spot("adult-1", new Point(width / 2, depth - WAY_MM / 2), Posture.STANDING)));
    }

    private static ZoneKind kind(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.contains("water") || lower.contains("wet") || lower.contains("sink") || lower.contains("paint")) {
            return ZoneKind.WET;
        }
        if (lower.contains("book") || lower.contains("quiet") || lower.contains("den")) {
            return ZoneKind.QUIET;
        }
        if (lower.contains("writ")) {
            return ZoneKind.WRITING;
        }
        if (lower.contains("role") || lower.contains("office") || lower.contains("shop") || lower.contains("home")) {
            return ZoneKind.ROLE_PLAY;
        }
        if (lower.contains("light")) {
            return ZoneKind.LIGHT;
        }
        if (lower.contains("table")) {
            return ZoneKind.TABLE;
        }
        return lower.contains("block") || lower.contains("ramp") ? ZoneKind.BUSY : ZoneKind.FLOOR;
    }
}
