package app.carder.core.safety;

import app.carder.core.calculation.Source;
import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Holds one rule against a card and the children: what it finds, and what it would have to know.
 *
 * @param rule that looks
 * @param trigger when it speaks
 * @param concerned of whom
 */
record RuleReader(Rule rule, Trigger trigger, Concerned concerned) {

    /** The card itself, where a rule is about nothing single on it; the same for answers in whatever language it is named. */
    private static Item theCard() {
        return new Item(
                "the card",
                new Material(
                        Said.say("working.the-card"),
                        MaterialKind.PIECES,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        Set.of(Trait.FINE, Trait.LOOKED_THROUGH),
                        Source.entered(Said.of("source.the-card"))),
                Optional.empty(),
                Setup.Amount.KNOWN,
                Optional.empty());
    }

    static RuleReader of(Rule rule) {
        return new RuleReader(
                rule,
                Trigger.parse(rule.condition().when()),
                Concerned.parse(rule.condition().who()));
    }

    /**
     * What a rule has to say: what it found, and what it would need to know.
     *
     * @param findings that are certain
     * @param gaps each of which could make it speak
     */
    record Outcome(List<Finding> findings, Set<Gap> gaps) {}

    /** What it has to say of a whole card. */
    Outcome of(Setup setup, List<ChildPresent> children) {
        List<Finding> findings = new ArrayList<>();
        Set<Gap> gaps = new LinkedHashSet<>();
        if (trigger.holdsForCard(setup)) {
            if (trigger.isAboutTheCard()) {
                look(setup, theCard(), children, findings, gaps);
            } else {
                setup.items().forEach(item -> look(setup, item, children, findings, gaps));
            }
        }
        return new Outcome(findings, gaps);
    }

    private void look(Setup setup, Item item, List<ChildPresent> children, List<Finding> findings, Set<Gap> gaps) {
        Known holds = trigger.holdsForItem(setup, item);
        if (holds.isNo()) {
            return;
        }
        List<ChildPresent> meant = new ArrayList<>();
        if (concerned.isAboutChildren()) {
            for (ChildPresent child : children) {
                Known speaks = holds.and(concerned.meant(child, item));
                gaps.addAll(speaks.gaps());
                if (speaks.isYes()) {
                    meant.add(child);
                }
            }
            if (meant.isEmpty()) {
                return;
            }
        } else {
            Known speaks = holds.and(concerned.isEveryone(children, item));
            gaps.addAll(speaks.gaps());
            if (!speaks.isYes()) {
                return;
            }
        }
        findings.add(finding(setup, item, meant));
    }

    private Finding finding(Setup setup, Item item, List<ChildPresent> meant) {
        Optional<Stereotype> said = trigger.isAboutStereotypes() ? Stereotype.in(setup.words()) : Optional.empty();
        Said reason = rule.words().reason().about(allergens(item.material(), meant));
        Said why = said.map(words -> Said.of("finding.it-says", words.found()))
                .or(() -> trigger.evidence(item).map(figures -> Said.of("finding.with-figures", reason, figures)))
                .orElse(reason);
        return Finding.known(
                rule.code(),
                rule.level(),
                new Finding.Words(
                        rule.words().title(),
                        why,
                        said.map(words -> Said.typed(words.kinder()))
                                .orElse(rule.words().caution())),
                new Finding.About(
                        item.material().name(),
                        meant.stream().map(ChildPresent::forPeople).toList()),
                rule.authority());
    }

    private static String allergens(Material material, List<ChildPresent> children) {
        return material.allergens().stream()
                .filter(allergen -> children.isEmpty()
                        || children.stream()
                                .anyMatch(child ->
                                        child.allergens().orElse(Set.of()).contains(allergen)))
                .map(Allergen::words)
                .sorted()
                .collect(Collectors.joining(", "));
    }
}
