package app.carder.core.journal;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;

/**
 * An observation that may go into a learning journal.
 *
 * @param id its own
 * @param on the day
 * @param shows what it shows, by facet; {@link Facet#TIME} is left to the selection
 * @param quarters how much room it takes, in quarters of a page, 1 or more
 */
public record Candidate(String id, LocalDate on, Map<Facet, Set<String>> shows, int quarters) {

    /**
     * Keeps its own copy.
     *
     * @throws IllegalArgumentException if it takes no room
     */
    public Candidate {
        if (quarters < 1) {
            throw new IllegalArgumentException(
                    "An entry must take a quarter of a page or more, got %d.".formatted(quarters));
        }
        shows = Map.copyOf(shows);
    }

    /** The values of a facet that it shows. */
    public Set<String> of(Facet facet) {
        return shows.getOrDefault(facet, Set.of());
    }
}
