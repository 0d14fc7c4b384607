package app.carder.core.room;

import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Zone;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;

/** From where the way into the garden is in view. */
public final class GardenDoor {

    /** A step inside the doorway, where a child stands who is about to go out. */
    private static final double INSIDE_MM = 200;

    private GardenDoor() {}

    /**
     * Zones from whose middle an adult on a low chair sees a child on the floor at both jambs of every garden door: who stays with a
     * card sits, and the smallest crawl.
     *
     * @return ids of the zones; absent where the plan has no garden door
     */
    public static Optional<Set<String>> seenFrom(RoomPlan plan) {
        List<Door> doors = plan.doors().stream()
                .filter(door -> door.use() == DoorUse.GARDEN)
                .toList();
        if (doors.isEmpty()) {
            return Optional.empty();
        }
        List<Shadow> casters = Shadow.casters(plan);
        List<Coordinate> inside = doors.stream()
                .flatMap(door ->
                        inside(door, Shapes.of(plan.outline()).getCentroid().getCoordinate()))
                .toList();
        return Optional.of(plan.zones().stream()
                .filter(zone -> sees(Shapes.coordinate(zone.footprint().middle()), inside, casters))
                .map(Zone::id)
                .collect(Collectors.toSet()));
    }

    private static Stream<Coordinate> inside(Door door, Coordinate middleOfRoom) {
        return Stream.of(door.from(), door.to()).map(Shapes::coordinate).map(jamb -> {
            double far = Math.max(1, jamb.distance(middleOfRoom));
            return new Coordinate(
                    jamb.x + (middleOfRoom.x - jamb.x) * INSIDE_MM / far,
                    jamb.y + (middleOfRoom.y - jamb.y) * INSIDE_MM / far);
        });
    }

    private static boolean sees(Coordinate eye, List<Coordinate> targets, List<Shadow> casters) {
        return targets.stream()
                .allMatch(target -> casters.stream()
                        .noneMatch(caster -> caster.hides(eye, Posture.SEATED.eyeMm(), target, Play.FLOOR.heightMm())));
    }
}
