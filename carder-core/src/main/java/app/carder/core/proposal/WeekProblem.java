package app.carder.core.proposal;

import app.carder.core.week.Rotation.Novelty;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a week's solver is asked.
 *
 * @param days open days, in order
 * @param zones where cards stand
 * @param slots each day, session and zone that takes a card
 * @param offers the deck, without banned cards
 * @param stock of materials that are short or may be, by material; what is not in it is not counted
 * @param areas of the framework: names by code
 * @param served how often a card of the weeks before met each child's interest, by the child's id; children without interests are not in it
 * @param pins what the lead has decided: a card's id, or nothing for an empty slot
 */
public record WeekProblem(
        List<Day> days,
        List<Zone> zones,
        List<Slot> slots,
        List<Offer> offers,
        Map<String, Long> stock,
        Map<String, String> areas,
        Map<String, Integer> served,
        Map<Slot, String> pins) {

    /** A pin that keeps a slot empty. */
    public static final String EMPTY = "";

    /**
     * Keeps its own copies.
     *
     * @throws IllegalArgumentException if a slot names a day, session or zone that is not there, or comes twice, or two offers have one
     *     id, or a pin names a slot or card that is not there
     */
    public WeekProblem {
        days = List.copyOf(days);
        zones = List.copyOf(zones);
        slots = List.copyOf(slots);
        offers = List.copyOf(offers);
        stock = Map.copyOf(stock);
        areas = Map.copyOf(areas);
        served = Map.copyOf(served);
        pins = Map.copyOf(pins);
        Set<String> ids = new HashSet<>();
        for (Offer offer : offers) {
            if (!ids.add(offer.id())) {
                throw new IllegalArgumentException(
                        "Each card must be offered once, got %s twice.".formatted(offer.id()));
            }
        }
        Set<Slot> seen = new HashSet<>();
        for (Slot slot : slots) {
            boolean there = slot.day() < days.size()
                    && slot.session() < days.get(slot.day()).sessions().size()
                    && slot.zone() < zones.size();
            if (!there || !seen.add(slot)) {
                throw new IllegalArgumentException("Slot must be there, once, got %s.".formatted(slot));
            }
        }
        pins.forEach((slot, card) -> {
            if (!seen.contains(slot) || !card.equals(EMPTY) && !ids.contains(card)) {
                throw new IllegalArgumentException(
                        "Pin must name a slot and a card that are there, got %s at %s.".formatted(card, slot));
            }
        });
    }

    /**
     * A day of the week.
     *
     * @param on which
     * @param sessions of play, in order
     * @param preparationMinutes an adult's minutes on the evening before
     */
    public record Day(LocalDate on, List<Session> sessions, int preparationMinutes) {
        /** Keeps its own copy. */
        public Day {
            sessions = List.copyOf(sessions);
        }
    }

    /**
     * A session of play.
     *
     * @param id its own
     * @param name for people
     * @param adults in the room all through it
     */
    public record Session(String id, String name, int adults) {}

    /**
     * A place for one card.
     *
     * @param id of the zone
     * @param name for people
     * @param takesWater whether its ground takes water
     * @param outdoors whether it is out of doors
     */
    public record Zone(String id, String name, boolean takesWater, boolean outdoors) {}

    /**
     * A place in time.
     *
     * @param day index of the day
     * @param session index of the session within the day
     * @param zone index of the zone
     */
    public record Slot(int day, int session, int zone) {}

    /** Whether a card may stand in a slot at all: its ground, and its safety on that day. */
    public boolean fits(Offer offer, Slot slot) {
        Zone zone = zones.get(slot.zone());
        boolean ground = switch (offer.ground()) {
            case ANY -> true;
            case WET -> zone.takesWater() || zone.outdoors();
            case OUTDOORS -> zone.outdoors();
        };
        return ground && !offer.heldAt().contains(new Offer.When(slot.day(), slot.session()));
    }

    /** New cards that could stand where another one is put out a second time that day. */
    List<Offer> fresh() {
        return offers.stream().filter(offer -> offer.turn() == Novelty.NEW).toList();
    }

    Map<String, Offer> byId() {
        Map<String, Offer> byId = new HashMap<>();
        offers.forEach(offer -> byId.put(offer.id(), offer));
        return byId;
    }
}
