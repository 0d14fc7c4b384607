package app.carder.web.setout;

import app.carder.core.measure.Mass;
import app.carder.web.room.ZoneView;
import java.util.List;
import java.util.Optional;

/**
 * A zone with its places, from the left.
 *
 * @param zone which
 * @param slots its places; more than the plan has where more is out
 * @param places that the plan has
 * @param outOfOrder titles that stand out of order
 */
public record ShelfView(ZoneView zone, List<Slot> slots, int places, List<String> outOfOrder) {

    /** Keeps its own copies. */
    public ShelfView {
        slots = List.copyOf(slots);
        outOfOrder = List.copyOf(outOfOrder);
    }

    /**
     * A place.
     *
     * @param place from the left, from 0
     * @param standing what stands there today, at different times where it is more than one
     */
    public record Slot(int place, List<Standing> standing) {
        /** Keeps its own copy. */
        public Slot {
            standing = List.copyOf(standing);
        }
    }

    /**
     * A card on its place.
     *
     * @param out what is out
     * @param tooHeavy mass of one full vessel where that is too heavy to be carried: it stays
     * @param misplaced whether it stands out of order
     */
    public record Standing(SetOutView out, Optional<Mass> tooHeavy, boolean misplaced) {}

    /** Places of the plan on which nothing stands. */
    public long free() {
        return slots.stream()
                .filter(slot -> slot.place() < places && slot.standing().isEmpty())
                .count();
    }
}
