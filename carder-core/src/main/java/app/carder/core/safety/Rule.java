package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.reckoning.Source;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One safety rule: data, read by {@link Trigger} and {@link Concerned}.
 *
 * @param code its own
 * @param level how it binds
 * @param title in a few words
 * @param trigger what makes it look
 * @param concerned whom it is about
 * @param reason why it speaks
 * @param caution what to do
 * @param source where it comes from
 * @param jurisdiction where it is law or standard; empty where it is general
 */
public record Rule(
        String code,
        Level level,
        String title,
        Trigger trigger,
        Concerned concerned,
        String reason,
        String caution,
        Source source,
        String jurisdiction) {

    private static final Material THE_CARD = new Material(
            "the card",
            MaterialKind.PIECES,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Set.of(),
            Set.of(),
            Source.entered("the card"));

    /**
     * A rule from its words.
     *
     * @param when in the words of {@link Trigger}
     * @param who in the words of {@link Concerned}
     * @throws IllegalArgumentException if a word is not known
     */
    public static Rule of(
            String code,
            Level level,
            String title,
            String when,
            String who,
            String reason,
            String caution,
            Source source,
            String jurisdiction) {
        return new Rule(
                code, level, title, Trigger.parse(when), Concerned.parse(who), reason, caution, source, jurisdiction);
    }

    /** What it has to say of a whole card. */
    List<Finding> findings(Setup setup, List<ChildPresent> children) {
        if (!trigger.holdsForCard(setup)) {
            return List.of();
        }
        if (trigger.isAboutTheCard()) {
            return finding(
                            THE_CARD,
                            Stereotype.in(setup.words())
                                    .filter(found -> trigger.toString().contains("stereotype")),
                            Optional.empty(),
                            children)
                    .stream()
                    .toList();
        }
        return setup.items().stream()
                .filter(trigger::holdsForItem)
                .flatMap(item -> finding(item.material(), Optional.empty(), trigger.evidence(item), children).stream())
                .toList();
    }

    private Optional<Finding> finding(
            Material material, Optional<Stereotype> said, Optional<String> evidence, List<ChildPresent> children) {
        List<ChildPresent> meant = concerned.of(children, material);
        if (meant.isEmpty() && !concerned.isEveryone(children, material)) {
            return Optional.empty();
        }
        String why = said.map(words -> "it says \"" + words.found() + "\"")
                .or(() -> evidence.map(figures -> reason + " (" + figures + ")"))
                .orElse(reason)
                .replace("{allergens}", allergens(material, meant));
        return Optional.of(new Finding(
                code,
                level,
                title,
                material.name(),
                meant.stream().map(ChildPresent::forPeople).toList(),
                why,
                said.map(Stereotype::kinder).orElse(caution),
                source,
                jurisdiction));
    }

    private static String allergens(Material material, List<ChildPresent> children) {
        return material.allergens().stream()
                .filter(allergen ->
                        children.stream().anyMatch(child -> child.allergens().contains(allergen)))
                .sorted()
                .map(allergen -> allergen.words())
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
    }
}
