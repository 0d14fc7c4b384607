package app.carder.web.results;

import app.carder.core.drawing.Sketch;
import app.carder.core.room.PlanDrawing;
import app.carder.core.room.PlanDrawing.Walked;
import app.carder.core.room.PlanDrawing.Way;
import app.carder.core.said.Said;
import app.carder.core.watch.Movement;
import app.carder.core.watchlog.Entry;
import app.carder.core.watchlog.WatchRecord;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.roomplan.PlanView;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** The paths of a child who was followed. */
final class Paths {

    private Paths() {}

    /** Where a child went in some records, by the names of places; absent where nobody followed it. */
    static Optional<Movement<String>> of(List<WatchRecord> all, UUID childId, RoomView room) {
        Map<UUID, String> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name));
        List<Movement.Path<String>> paths = all.stream()
                .map(one -> new Movement.Path<>(
                        one.of(childId, Entry.Arrived.class).stream()
                                .filter(step -> step.entry().zone() != null)
                                .map(step -> new Movement.Arrival<>(
                                        step.at(),
                                        zones.getOrDefault(
                                                Objects.requireNonNull(
                                                        step.entry().zone()),
                                                Said.say("results.another-room"))))
                                .toList(),
                        one.until()))
                .filter(path -> !path.arrivals().isEmpty())
                .toList();
        return paths.isEmpty()
                ? Optional.empty()
                : Optional.of(Movement.ofPaths(
                        paths,
                        room.zones().stream()
                                .map(ZoneView::name)
                                .collect(Collectors.toCollection(LinkedHashSet::new))));
    }

    /** The same on each plan of the room that has a place of them. */
    static List<Sketch> drawn(Movement<String> movement, RoomView room, List<PlanView> plans) {
        Map<String, String> ids = room.zones().stream()
                .collect(Collectors.toMap(ZoneView::name, zone -> zone.id().toString(), (one, same) -> one));
        Walked walked = new Walked(
                movement.zones().stream()
                        .filter(zone -> ids.containsKey(zone.zone()))
                        .collect(Collectors.toMap(
                                zone -> Required.from(ids, zone.zone()), Movement.ZoneTime::share, Double::sum)),
                movement.transitions().stream()
                        .filter(way -> ids.containsKey(way.from()) && ids.containsKey(way.to()))
                        .map(way -> new Way(Required.from(ids, way.from()), Required.from(ids, way.to()), way.times()))
                        .toList());
        return plans.stream()
                .filter(plan -> plan.plan().zones().stream()
                        .anyMatch(zone -> walked.shares().getOrDefault(zone.id(), 0.0) > 0))
                .map(plan -> PlanDrawing.of(room.name(), plan.plan(), walked))
                .toList();
    }
}
