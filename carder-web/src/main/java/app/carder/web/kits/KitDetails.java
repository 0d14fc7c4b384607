package app.carder.web.kits;

import java.util.List;
import java.util.UUID;

/**
 * What a kit is.
 *
 * @param name on the bucket
 * @param keptIn where a child finds it
 * @param note for the adults; may be empty
 * @param parts what is in it
 */
public record KitDetails(String name, String keptIn, String note, List<Part> parts) {
    /** Keeps its own copy. */
    public KitDetails {
        parts = List.copyOf(parts);
    }

    /**
     * So many of one thing.
     *
     * @param materialId in the cupboard
     * @param pieces how many
     */
    public record Part(UUID materialId, int pieces) {}
}
