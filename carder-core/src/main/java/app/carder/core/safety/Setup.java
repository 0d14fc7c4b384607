package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Vessel;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the safety check looks at.
 *
 * @param items everything that is put out
 * @param features what children or adults do with it
 * @param words of the card: title, intention, what is said
 * @param answers that somebody gave to what could not be judged, by {@link Gap#key()}
 */
public record Setup(List<Item> items, Set<Feature> features, String words, Map<String, Answer> answers) {

    /** Keeps its own copies. */
    public Setup {
        items = List.copyOf(items);
        features = Set.copyOf(features);
        answers = Map.copyOf(answers);
    }

    /** Nothing was asked or answered yet. */
    public Setup(List<Item> items, Set<Feature> features, String words) {
        this(items, features, words, Map.of());
    }

    /** Materials alone. */
    public static Setup of(List<Material> materials) {
        return new Setup(
                materials.stream()
                        .map(material -> Item.of(material, Optional.empty()))
                        .toList(),
                Set.of(),
                "");
    }

    /** Whether the amount of a thing is known. Which amount it is decides nothing here: safety holds for any. */
    public enum Amount {
        /** Written down, or nothing that has an amount. */
        KNOWN,
        /** Missing, or could not be read. */
        MISSING
    }

    /**
     * One thing that is put out.
     *
     * @param key that answers about it are kept under
     * @param material what it is
     * @param vessel its inside, where it holds something
     * @param amount whether it is known
     * @param saltShare share of its mass that is salt, 0 to 1; absent where nobody worked it out
     */
    public record Item(
            String key, Material material, Optional<Vessel> vessel, Amount amount, Optional<Double> saltShare) {

        /** A thing of a known amount, known by its name. */
        public static Item of(Material material, Optional<Vessel> vessel) {
            return new Item(material.name().toLowerCase(Locale.ROOT), material, vessel, Amount.KNOWN, Optional.empty());
        }

        /** Its outer measures; of a vessel, those of its inside, which are the smaller ones. */
        Optional<Solid> size() {
            return material.form()
                    .or(() -> material.kind() == MaterialKind.VESSEL ? vessel.map(Item::around) : Optional.empty());
        }

        /** Whether it comes in pieces or grains that have a size. */
        boolean hasSize() {
            return material.kind() != MaterialKind.LIQUID
                    && !material.has(Trait.FINE)
                    && !(material.kind() == MaterialKind.VESSEL && vessel.isEmpty());
        }

        private static Solid around(Vessel vessel) {
            return new Solid.Rod(vessel.widthAt(vessel.depth()).orMore(vessel.widthAt(Length.ZERO)), vessel.depth());
        }
    }
}
