package app.carder.web.provocation;

import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.measure.Mass;
import app.carder.web.material.MaterialView;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a card puts out at once, in all its vessels.
 *
 * @param parts material by material; those that cannot be reckoned are left out
 * @param tooHeavy mass of one full vessel where that is too heavy for one person to carry
 */
public record PutOut(List<Part> parts, Optional<Mass> tooHeavy) {

    /** Nothing. */
    public static final PutOut NOTHING = new PutOut(List.of(), Optional.empty());

    /** Keeps its own copy. */
    public PutOut {
        parts = List.copyOf(parts);
    }

    /**
     * One material.
     *
     * @param material in the cupboard
     * @param amount for all vessels, with what is spilled
     */
    public record Part(MaterialView material, Amount amount) {}

    /** In words, such as {@code Rice 2.4 kg, Scoop × 2}; empty where nothing is. */
    public String forPeople() {
        return parts.stream()
                .map(part -> part.material().name()
                        + (part.amount().pieces().isPresent() ? " × " : " ")
                        + part.amount().forPeople())
                .collect(Collectors.joining(", "));
    }
}
