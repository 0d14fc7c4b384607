package app.carder.web.demo;

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
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.room.ZoneKind;
import app.carder.web.account.Viewer;
import app.carder.web.room.RoomView;
import app.carder.web.roomplan.RoomPlanService;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Draws the demo's rooms, as {@code plans.txt} says. */
@Component
class DemoPlans {

    private final RoomPlanService plans;

    DemoPlans(RoomPlanService plans) {
        this.plans = plans;
    }

    void draw(Viewer lead, RoomView room) {
        for (Place place : Place.values()) {
            List<String> lines = linesOf(room.name() + " " + place.name());
            if (!lines.isEmpty()) {
                plans.save(lead, room.id(), plan(place, lines, room), 0);
            }
        }
    }

    private static List<String> linesOf(String head) {
        try (InputStream file = Objects.requireNonNull(DemoPlans.class.getResourceAsStream("plans.txt"))) {
            List<String> lines = new ArrayList<>();
            boolean within = false;
            for (String line : new String(file.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (line.startsWith("plan ")) {
                    within = line.equals("plan " + head);
                } else if (within && !line.isBlank()) {
                    lines.add(line);
                }
            }
            return lines;
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the demo plans cannot be read.", broken);
        }
    }

    private static RoomPlan plan(Place place, List<String> lines, RoomView room) {
        List<Point> outline = new ArrayList<>();
        List<Door> doors = new ArrayList<>();
        List<Zone> zones = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        for (String line : lines) {
            String name =
                    line.contains("|") ? line.substring(line.indexOf('|') + 1).strip() : "";
            String[] words = line.split("\\|")[0].strip().split(" ");
            String id = words[0] + "-" + (doors.size() + pieces.size() + spots.size());
            switch (words[0]) {
                case "outline" ->
                    Arrays.stream(words)
                            .skip(1)
                            .map(pair -> pair.split(","))
                            .forEach(pair -> outline.add(new Point(millimetres(pair[0]), millimetres(pair[1]))));
                case "door" -> doors.add(new Door(id, DoorUse.valueOf(words[1]), point(words, 2), point(words, 4)));
                case "zone" ->
                    zones.add(new Zone(
                            zoneId(room, name),
                            name,
                            ZoneKind.valueOf(words[1]),
                            Ground.valueOf(words[2]),
                            footprint(words, 3)));
                case "piece" ->
                    pieces.add(new Piece(
                            id,
                            FurnitureKind.valueOf(words[1]),
                            name,
                            footprint(words, 2),
                            millimetres(words[7]),
                            Integer.parseInt(words[8])));
                case "spot" -> spots.add(new Spot(id, point(words, 2), Posture.valueOf(words[1])));
                default -> throw new IllegalStateException("Impossible state: the demo plans say " + line);
            }
        }
        return new RoomPlan(place, outline, RoomPlan.USUAL_PATH_MM, List.of(), doors, zones, pieces, spots);
    }

    private static String zoneId(RoomView room, String name) {
        return room.zones().stream()
                .filter(zone -> zone.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id()
                .toString();
    }

    private static Footprint footprint(String[] words, int at) {
        return new Footprint(
                point(words, at),
                millimetres(words[at + 2]),
                millimetres(words[at + 3]),
                Integer.parseInt(words[at + 4]));
    }

    private static Point point(String[] words, int at) {
        return new Point(millimetres(words[at]), millimetres(words[at + 1]));
    }

    private static int millimetres(String centimetres) {
        return Integer.parseInt(centimetres) * 10;
    }
}
