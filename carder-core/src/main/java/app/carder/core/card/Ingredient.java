package app.carder.core.card;

import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.material.Material;
import java.util.Optional;

/**
 * One thing that goes into a mix, a kit, a game, or whatever a calculator worked out.
 *
 * @param thing its key in the cupboard; absent where the cupboard does not have it
 * @param name for people
 * @param amount of it, for everything that is put out
 * @param material what it is like, where that follows from how it is made, as with ice from a mould
 */
public record Ingredient(Optional<String> thing, String name, Amount amount, Optional<Material> material) {

    /** A thing of the cupboard. */
    public static Ingredient of(String thing, String name, Amount amount) {
        return new Ingredient(Optional.of(thing), name, amount, Optional.empty());
    }

    /** Something that only has a name. */
    public static Ingredient named(String name, Amount amount) {
        return new Ingredient(Optional.empty(), name, amount, Optional.empty());
    }

    /** Something that is made here and whose properties follow from that. */
    public static Ingredient made(Material material, Amount amount) {
        return new Ingredient(Optional.empty(), material.name(), amount, Optional.of(material));
    }

    /** The same, under another key. */
    public Ingredient under(Optional<String> key) {
        return new Ingredient(key, name, amount, material);
    }
}
