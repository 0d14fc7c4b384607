package app.carder.core.material;

import app.carder.core.calculation.Source;
import app.carder.core.measure.Density;
import app.carder.core.measure.Length;
import java.util.Optional;
import java.util.Set;

/**
 * Anything that is put out.
 *
 * @param name what people call it
 * @param kind how it is measured out
 * @param density bulk density of a fill; absent for pieces
 * @param form outer form of one piece or grain; absent for liquids and powders
 * @param opening the narrowest way through: a neck, the outlet of a funnel, how far tongs open, a gap to climb through
 * @param allergens what a child may react to
 * @param traits what the safety rules look at
 * @param source where density and sizes come from
 */
public record Material(
        String name,
        MaterialKind kind,
        Optional<Density> density,
        Optional<Solid> form,
        Optional<Length> opening,
        Set<Allergen> allergens,
        Set<Trait> traits,
        Source source) {

    /**
     * Keeps its own copies.
     *
     * @throws IllegalArgumentException if it has no name, or a fill has no density
     */
    public Material {
        allergens = Set.copyOf(allergens);
        traits = Set.copyOf(traits);
        if (name.isBlank()) {
            throw new IllegalArgumentException("Material must have a name, got a blank one.");
        }
        if (kind.isPoured() && density.filter(found -> !found.isZero()).isEmpty()) {
            throw new IllegalArgumentException("Fill (%s) must have a density of more than 0 g/mL.".formatted(name));
        }
    }

    /** Whether the safety rules see this trait. */
    public boolean has(Trait trait) {
        return traits.contains(trait);
    }
}
