package app.carder.core.journal;

import java.time.LocalDate;
import java.util.EnumMap;
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

    /** The same, showing other values of a facet. */
    public Candidate with(Facet facet, Set<String> values) {
        Map<Facet, Set<String>> other = new EnumMap<>(Facet.class);
        other.putAll(shows);
        other.put(facet, values);
        return new Candidate(id, on, other, quarters);
    }

    /** The values of a facet that it shows. */
    public Set<String> of(Facet facet) {
        return shows.getOrDefault(facet, Set.of());
    }
}
