package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.vessel.Vessel;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the safety check looks at.
 *
 * @param items everything that is put out
 * @param features what children or adults do with it
 * @param words of the card: title, intention, what is said
 */
public record Setup(List<Item> items, Set<Feature> features, String words) {

    /** Keeps its own copies. */
    public Setup {
        items = List.copyOf(items);
        features = Set.copyOf(features);
    }

    /**
     * One thing that is put out.
     *
     * @param material what it is
     * @param vessel its inside, where it holds something
     */
    public record Item(Material material, Optional<Vessel> vessel) {}

    /** Materials alone. */
    public static Setup of(List<Material> materials) {
        return new Setup(
                materials.stream()
                        .map(material -> new Item(material, Optional.empty()))
                        .toList(),
                Set.of(),
                "");
    }
}
