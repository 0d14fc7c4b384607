package app.carder.core.rota;

import app.carder.core.said.Refused;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the rota's solver is asked.
 *
 * @param adults who can lead
 * @param areas that are led every week
 * @param weeks of the cycle, 1 to 26
 * @param pins turns that are decided: an adult's id
 * @param before the rota as it was, where one is solved again; it is kept as far as it can be
 */
public record RotaProblem(
        List<Adult> adults, List<Area> areas, int weeks, Map<Duty, String> pins, Map<Duty, String> before) {

    /**
     * Keeps its own copies.
     *
     * @throws IllegalArgumentException if there is nobody, nothing to lead, or too many weeks, if an id comes twice, or a pin names somebody
     *     or something that is not there
     */
    public RotaProblem {
        adults = List.copyOf(adults);
        areas = List.copyOf(areas);
        pins = Map.copyOf(pins);
        before = Map.copyOf(before);
        if (adults.isEmpty() || areas.isEmpty()) {
            throw Refused.because("refused.rota-problem.a-rota-must");
        }
        if (weeks < 1 || weeks > 26) {
            throw Refused.because("refused.rota-problem.a-rota-must-2", weeks);
        }
        Set<String> ids = new HashSet<>();
        adults.forEach(adult -> checkNew(ids, adult.id()));
        areas.forEach(area -> checkNew(ids, area.id()));
        int cycle = weeks;
        pins.forEach((turn, adult) -> {
            if (!ids.contains(adult) || !ids.contains(turn.areaId()) || turn.week() >= cycle || turn.week() < 0) {
                throw Refused.because("refused.rota-problem.pin-must-name", adult, turn);
            }
        });
    }

    private static void checkNew(Set<String> ids, String id) {
        if (!ids.add(id)) {
            throw Refused.because("refused.rota-problem.each-must-have", id);
        }
    }

    /**
     * Somebody who leads.
     *
     * @param id its own
     * @param name for people
     * @param leads areas that they can lead, by id; empty where they can lead all
     * @param awayIn weeks of the cycle, by index, in which they are not there
     */
    public record Adult(String id, String name, Set<String> leads, Set<Integer> awayIn) {
        /** Keeps its own copies. */
        public Adult {
            leads = Set.copyOf(leads);
            awayIn = Set.copyOf(awayIn);
        }

        /** Whether they can lead an area in a week. */
        public boolean can(String areaId, int week) {
            return !awayIn.contains(week) && (leads.isEmpty() || leads.contains(areaId));
        }
    }

    /**
     * Something that is led.
     *
     * @param id its own
     * @param name for people
     * @param load quarters of an adult that it takes, 0 or more: where a spare adult is put first
     */
    public record Area(String id, String name, int load) {}

    /**
     * One week of one area.
     *
     * @param week index within the cycle
     * @param areaId of the area
     */
    public record Duty(int week, String areaId) {}

    /** The most areas that one adult leads in a week, so that all are led: areas by adults who are there, rounded up. */
    int mostAtOnce(int week) {
        long here =
                adults.stream().filter(adult -> !adult.awayIn().contains(week)).count();
        return here == 0 ? 0 : (int) ((areas.size() + here - 1) / here);
    }

    Map<String, Adult> byId() {
        Map<String, Adult> byId = new HashMap<>();
        adults.forEach(adult -> byId.put(adult.id(), adult));
        return byId;
    }
}
