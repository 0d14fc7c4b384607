package app.carder.core.rota;

import app.carder.core.rota.RotaProblem.Adult;
import app.carder.core.rota.RotaProblem.Area;
import app.carder.core.rota.RotaProblem.Duty;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A rota that was found.
 *
 * @param leads an adult's id for each turn that has a lead
 * @param spares by week, who leads nothing and doubles up, and where: an area's id by an adult's id
 * @param turns how often each adult leads, by the adult's id
 * @param unled turns that nobody there can take
 * @param changed turns that were somebody else's before
 * @param notes what is uneven or missing, in sentences
 */
public record Rota(
        Map<Duty, String> leads,
        List<Map<String, String>> spares,
        Map<String, Integer> turns,
        List<Duty> unled,
        List<Duty> changed,
        List<String> notes) {

    /** Keeps its own copies. */
    public Rota {
        leads = Map.copyOf(leads);
        spares = List.copyOf(spares);
        turns = Map.copyOf(turns);
        unled = List.copyOf(unled);
        changed = List.copyOf(changed);
        notes = List.copyOf(notes);
    }

    /** Looks a rota over: who is spare, what is uneven. */
    public static Rota of(RotaProblem problem, Map<Duty, String> leads) {
        List<Map<String, String>> spares = new ArrayList<>();
        List<Duty> unled = new ArrayList<>();
        List<Duty> changed = new ArrayList<>();
        Map<String, Integer> turns = new LinkedHashMap<>();
        problem.adults().forEach(adult -> turns.put(adult.id(), 0));
        for (int week = 0; week < problem.weeks(); week++) {
            Set<String> leading = new HashSet<>();
            for (Area area : problem.areas()) {
                Duty turn = new Duty(week, area.id());
                String adult = leads.get(turn);
                if (adult == null) {
                    unled.add(turn);
                } else {
                    leading.add(adult);
                    turns.merge(adult, 1, Integer::sum);
                }
                String before = problem.before().get(turn);
                if (before != null && !before.equals(adult)) {
                    changed.add(turn);
                }
            }
            spares.add(spares(problem, week, leading));
        }
        return new Rota(leads, spares, turns, unled, changed, notes(problem, turns, unled, changed));
    }

    /** Whoever leads nothing doubles up where the load is highest, the next one where it is next. */
    private static Map<String, String> spares(RotaProblem problem, int week, Set<String> leading) {
        List<Area> byLoad = problem.areas().stream()
                .sorted(Comparator.comparingInt(Area::load).reversed())
                .toList();
        Map<String, String> spares = new HashMap<>();
        for (Adult adult : problem.adults()) {
            if (!leading.contains(adult.id()) && !adult.awayIn().contains(week)) {
                spares.put(adult.id(), byLoad.get(spares.size() % byLoad.size()).id());
            }
        }
        return Map.copyOf(spares);
    }

    private static List<String> notes(
            RotaProblem problem, Map<String, Integer> turns, List<Duty> unled, List<Duty> changed) {
        List<String> notes = new ArrayList<>();
        for (Duty turn : unled) {
            notes.add(Said.say("working.week-nobody-who-is-there-can", turn.week() + 1, name(problem, turn.areaId())));
        }
        int most = turns.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        int least = turns.values().stream().mapToInt(Integer::intValue).min().orElse(0);
        notes.add(
                most - least <= 1
                        ? Said.say("working.turns-are-even-everyone-leads-in", range(least, most))
                        : Said.say("working.turns-are-not-even-from-to", least, most));
        if (!problem.before().isEmpty()) {
            notes.add(Said.say("working.turns-were-changed", changed.size()));
        }
        return notes;
    }

    private static String range(int least, int most) {
        return least == most ? Said.say("working.so-many-times", least) : Said.say("working.or-times", least, most);
    }

    private static String name(RotaProblem problem, String areaId) {
        return problem.areas().stream()
                .filter(area -> area.id().equals(areaId))
                .map(Area::name)
                .findFirst()
                .orElseThrow();
    }
}
