package app.carder.core.journal;

import java.time.LocalDate;
import java.util.Set;

/**
 * An observation that may go into a learning journal.
 *
 * @param id its own
 * @param on the day
 * @param areas codes of the areas that it touches
 * @param photo whether a photo may be shown to this family
 */
public record Candidate(String id, LocalDate on, Set<String> areas, Photo photo) {

    /** Whether the family can see a picture of it. */
    public enum Photo {
        /** There is one, and every consent that it needs. */
        SHOWN,
        /** None, or not allowed. */
        NONE
    }

    /** Keeps its own copy. */
    public Candidate {
        areas = Set.copyOf(areas);
    }
}
