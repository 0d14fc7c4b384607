package app.carder.web.material;

import app.carder.core.material.Material;
import app.carder.core.vessel.Fill.Pack;
import java.util.Optional;
import java.util.UUID;

/**
 * A material of the cupboard, as other features see it.
 *
 * @param id its own
 * @param code by which the starter cupboard knows it
 * @param material what it is like
 * @param pack how the setting buys it, where written down
 */
public record MaterialView(UUID id, String code, Material material, Optional<Pack> pack) {

    /** For people. */
    public String name() {
        return material.name();
    }

    /** Whether it is measured by depth. */
    public boolean isPoured() {
        return material.kind().isPoured();
    }
}
