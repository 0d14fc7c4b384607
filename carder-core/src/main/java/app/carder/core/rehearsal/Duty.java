package app.carder.core.rehearsal;

import app.carder.core.said.Said;
import java.util.Optional;

/**
 * Something that takes one adult wholly for a while.
 *
 * @param task what sort
 * @param id of the card or group; the garden has {@code garden}
 * @param name for people; empty for the garden
 * @param place where; absent for what has no place on the plan
 * @param who the adult who was named for it, by id; absent where anybody may
 */
public record Duty(Task task, String id, String name, Optional<PlannedDay.Place> place, Optional<String> who) {

    /** What sort. */
    public enum Task {
        /** Within arm's reach of a card. */
        STAY,
        /** With a few children aside. */
        GROUP,
        /** Out of doors while the way there is open. */
        GARDEN
    }

    /** For people. */
    public Said said() {
        return Said.of("rehearsal.duty." + task, name);
    }

    boolean seesDoor() {
        return place.filter(PlannedDay.Place::seesDoor).isPresent();
    }
}
