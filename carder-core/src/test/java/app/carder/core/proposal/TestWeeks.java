package app.carder.core.proposal;

import app.carder.core.framework.Sense;
import app.carder.core.proposal.Offer.Ground;
import app.carder.core.proposal.WeekProblem.Day;
import app.carder.core.proposal.WeekProblem.Session;
import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.proposal.WeekProblem.Zone;
import app.carder.core.week.Rotation.Novelty;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** Weeks to solve. */
public final class TestWeeks {

    static final LocalDate MONDAY = LocalDate.of(2026, 5, 11);
    static final Map<String, String> AREAS = Map.of("a", "Area A", "b", "Area B", "c", "Area C");

    static final Map<String, Integer> SERVED = Map.of("Anouk", 0, "Bram", 2, "Kofi", 0, "Zoe", 1);

    private TestWeeks() {}

    private static Set<String> interested(Random random) {
        return SERVED.keySet().stream()
                .sorted()
                .filter(child -> random.nextInt(3) == 0)
                .collect(Collectors.toSet());
    }

    static Offer card(String id, Novelty turn) {
        return new Offer(
                id,
                "Card " + id,
                Ground.ANY,
                AdultLoad.RUNS_BY_ITSELF,
                0,
                Map.of(),
                Set.of(),
                Set.of(),
                Set.of(),
                turn,
                false,
                Set.of(),
                Set.of());
    }

    /** A card that has rested and meets one child's interest. */
    static Offer meeting(String id, String child) {
        return new Offer(
                id,
                "Card " + id,
                Ground.ANY,
                AdultLoad.NEAR,
                0,
                Map.of(),
                Set.of(),
                Set.of(),
                Set.of(child),
                Novelty.BACK,
                false,
                Set.of(),
                Set.of());
    }

    static WeekProblem week(int days, int sessions, int zones, List<Offer> offers, Map<Slot, String> pins) {
        List<Day> asked = new ArrayList<>();
        List<Zone> places = new ArrayList<>();
        List<Slot> slots = new ArrayList<>();
        for (int zone = 0; zone < zones; zone++) {
            places.add(new Zone("z" + zone, "Zone " + zone, zone % 3 == 0, zone % 4 == 3));
        }
        for (int day = 0; day < days; day++) {
            List<Session> in = new ArrayList<>();
            for (int session = 0; session < sessions; session++) {
                in.add(new Session("s" + session, session == 0 ? "Morning" : "Afternoon", 2));
                for (int zone = 0; zone < zones; zone++) {
                    slots.add(new Slot(day, session, zone));
                }
            }
            asked.add(new Day(MONDAY.plusDays(day), in, 45));
        }
        return new WeekProblem(asked, places, slots, offers, Map.of("rice", 1000L, "trays", 2L), AREAS, SERVED, pins);
    }

    /** A deck at random: loads, minutes, materials, areas, senses, interests, turns, findings. */
    public static List<Offer> deck(int cards, long seed) {
        Random random = new Random(seed);
        List<Offer> deck = new ArrayList<>();
        for (int at = 0; at < cards; at++) {
            Map<String, Long> needs = new HashMap<>();
            if (random.nextInt(3) == 0) {
                needs.put("rice", 400L + random.nextInt(500));
            }
            if (random.nextInt(3) == 0) {
                needs.put("trays", 1L);
            }
            Set<String> areas = new HashSet<>();
            AREAS.keySet().stream()
                    .sorted()
                    .filter(area -> random.nextInt(3) == 0)
                    .forEach(areas::add);
            Set<Sense> senses = new HashSet<>();
            for (Sense sense : Sense.values()) {
                if (random.nextInt(3) == 0) {
                    senses.add(sense);
                }
            }
            Novelty turn = Novelty.values()[random.nextInt(Novelty.values().length)];
            deck.add(new Offer(
                    "card-" + at,
                    "Card " + at,
                    Ground.values()[random.nextInt(6) / 4 + (random.nextInt(8) == 0 ? 1 : 0)],
                    AdultLoad.values()[random.nextInt(3)],
                    5 * random.nextInt(6),
                    needs,
                    areas,
                    senses,
                    interested(random),
                    turn,
                    turn == Novelty.STAYS || turn == Novelty.STILL_CHOSEN || turn == Novelty.CHANGE,
                    random.nextInt(3) == 0 ? Set.of(random.nextInt(3)) : Set.of(),
                    random.nextInt(5) == 0 ? Set.of(new Offer.When(random.nextInt(2), 0)) : Set.of()));
        }
        return deck;
    }

    /** Five days, two sessions, eight zones and a deck of 43: what a room asks. */
    public static WeekProblem ofARoom(long seed) {
        return week(5, 2, 8, deck(43, seed), Map.of());
    }
}
