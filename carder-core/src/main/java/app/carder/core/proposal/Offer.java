package app.carder.core.proposal;

import app.carder.core.framework.Sense;
import app.carder.core.week.Rotation.Novelty;
import java.util.Map;
import java.util.Set;

/**
 * A card that could stand out in the week.
 *
 * @param id of the card
 * @param title for people
 * @param ground where it can stand
 * @param load on the adults
 * @param preparationMinutes an adult's minutes to get it ready, 0 or more
 * @param needs amounts of materials that it takes while it is out, by material, in the unit of the stock
 * @param areas that it covers
 * @param senses that it speaks to
 * @param interested children whose interests it meets, by their ids
 * @param turn what the rotation says of it on the week's first day
 * @param standing whether it stands out on the open day before the week
 * @param homes zones, by index, in which it usually stands; empty where it stands anywhere
 * @param heldAt sessions in which a safety finding keeps it in the cupboard
 */
public record Offer(
        String id,
        String title,
        Ground ground,
        AdultLoad load,
        int preparationMinutes,
        Map<String, Long> needs,
        Set<String> areas,
        Set<Sense> senses,
        Set<String> interested,
        Novelty turn,
        boolean standing,
        Set<Integer> homes,
        Set<When> heldAt) {

    /** Keeps its own copies. */
    public Offer {
        needs = Map.copyOf(needs);
        areas = Set.copyOf(areas);
        senses = Set.copyOf(senses);
        homes = Set.copyOf(homes);
        interested = Set.copyOf(interested);
        heldAt = Set.copyOf(heldAt);
        if (preparationMinutes < 0) {
            throw new IllegalArgumentException(
                    "Preparation of %s must take 0 minutes or more, got %d.".formatted(title, preparationMinutes));
        }
    }

    /** By its id alone: the solver asks for it in every move. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /**
     * A session of the week.
     *
     * @param day index of the day
     * @param session index of the session within the day
     */
    public record When(int day, int session) {}

    /** Whether it may well be put away at noon: cards that stand their days are not carried back and forth. */
    boolean isCarried() {
        return turn != Novelty.STAYS && turn != Novelty.STILL_CHOSEN;
    }

    /** Where a card can stand. */
    public enum Ground {
        /** Anywhere. */
        ANY,
        /** Where floor and ground take water. */
        WET,
        /** Out of doors only. */
        OUTDOORS
    }
}
