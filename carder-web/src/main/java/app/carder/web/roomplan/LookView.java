package app.carder.web.roomplan;

import app.carder.core.calculation.Calculation;
import app.carder.core.room.Capacity;
import app.carder.core.room.Play;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.Sightlines;
import app.carder.core.room.Sightlines.Blind;
import app.carder.core.safety.Finding;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A plan looked over.
 *
 * @param plan what was looked at
 * @param sight what the adults see
 * @param capacity how many children it takes
 * @param findings what to look at
 * @param children due on the busiest day
 */
public record LookView(RoomPlan plan, Sightlines sight, Capacity capacity, List<Finding> findings, int children) {

    /** Keeps its own copy. */
    public LookView {
        findings = List.copyOf(findings);
    }

    /** Both heights of play. */
    public Play[] plays() {
        return Play.values();
    }

    /** Blind spots as the data of an SVG path. */
    public String blindPath(Play play) {
        StringBuilder path = new StringBuilder();
        for (Blind part : sight.blind().getOrDefault(play, List.of())) {
            ring(path, part.corners());
            part.holes().forEach(hole -> ring(path, hole));
        }
        return path.toString();
    }

    private static void ring(StringBuilder path, List<Double> corners) {
        for (int at = 0; at + 1 < corners.size(); at += 2) {
            path.append(at == 0 ? 'M' : 'L')
                    .append(String.format(Locale.ROOT, "%.0f %.0f", corners.get(at), corners.get(at + 1)));
        }
        path.append('Z');
    }

    /** Zone by zone, as a table: its name, seen at the floor and at a table in per cent, children that it takes. */
    List<List<String>> rows() {
        List<List<String>> rows = new ArrayList<>();
        for (int at = 0; at < capacity.zones().size(); at++) {
            rows.add(List.of(
                    capacity.zones().get(at).zone().name(),
                    seen(at, Play.FLOOR).map(String::valueOf).orElse(Said.say("roomplan.not-known")),
                    seen(at, Play.TABLE).map(String::valueOf).orElse(Said.say("roomplan.not-known")),
                    Integer.toString(capacity.zones().get(at).children())));
        }
        return rows;
    }

    /** How much of a zone is seen, per cent; absent where it could not be worked out. */
    public Optional<Integer> seen(int zone, Play play) {
        return isLookedOver() ? Optional.of(sight.zones().get(zone).percent(play)) : Optional.empty();
    }

    /** Whether sightlines, ways and what stands where were worked out at all. */
    public boolean isLookedOver() {
        return sight.zones().size() == capacity.zones().size();
    }

    /** Lengths of the outline's sides, for people, in order. */
    public String sides() {
        return plan.sides().stream()
                .map(side -> String.format(Locale.ROOT, "%.2f m", side.inCentimetres() / 100))
                .collect(Collectors.joining("|"));
    }

    /** How the sightlines are worked out. */
    public Calculation calculation() {
        return sight.calculation(plan);
    }
}
