package app.carder.web.material;

import app.carder.core.cupboard.Picture;
import app.carder.core.cupboard.Stocked;
import app.carder.core.drawing.Sketch;
import app.carder.core.material.Material;
import app.carder.core.vessel.Fill.Pack;
import java.util.Optional;
import java.util.UUID;

/**
 * A thing of the cupboard, as other features see it.
 *
 * @param id its own
 * @param version of the record
 * @param stocked what it is, how it is bought, how much is left
 * @param photo of it, where somebody has taken one; it stands for the drawing
 */
public record MaterialView(UUID id, int version, Stocked stocked, Optional<UUID> photo) {

    /** By which tables know it. */
    public String code() {
        return stocked.code();
    }

    /** What it is like. */
    public Material material() {
        return stocked.material();
    }

    /** How it is bought by mass, where written down. */
    public Optional<Pack> pack() {
        return stocked.pack();
    }

    /** For people. */
    public String name() {
        return stocked.name();
    }

    /** What it looks like. */
    public Sketch picture() {
        return Picture.of(stocked);
    }

    /** Whether it is measured by depth. */
    public boolean isPoured() {
        return material().kind().isPoured();
    }
}
