package app.carder.web.kits;

import app.carder.core.cupboard.Picture;
import app.carder.core.drawing.Sketch;
import app.carder.web.material.MaterialView;
import java.util.List;
import java.util.UUID;

/**
 * A kit with what is in it.
 *
 * @param id its own
 * @param version of the record
 * @param name on the bucket
 * @param keptIn where a child finds it
 * @param note for the adults
 * @param parts what is in it
 */
public record KitView(UUID id, int version, String name, String keptIn, String note, List<Part> parts) {
    /** Keeps its own copy. */
    public KitView {
        parts = List.copyOf(parts);
    }

    /**
     * So many of one thing.
     *
     * @param material what it is
     * @param pieces how many
     */
    public record Part(MaterialView material, int pieces) {
        /** A simple drawing of it, for children to find it by. */
        public Sketch picture() {
            return Picture.of(material.stocked());
        }
    }
}
