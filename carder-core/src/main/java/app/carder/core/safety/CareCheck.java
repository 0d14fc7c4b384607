package app.carder.core.safety;

import app.carder.core.calculation.Source;
import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.safety.CareEntry.Kind;
import app.carder.core.safety.CareRelations.Match;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * What children must avoid outside the list, held against everything that is put out. What is found stops; what nobody can match is
 * asked wherever there is food, a plant or contact with skin.
 */
final class CareCheck {

    private static final Source RELATIONS =
            Source.fromMemory("Allergy reviews: botanical relations and common contents");
    private static final Source FAMILY = Source.entered(Said.of("source.what-the-family-or-the-plan"));

    /** Traits by which a thing is food, comes from a plant or touches skin. */
    private static final Set<Trait> FOOD_PLANT_OR_SKIN = Set.of(
            Trait.FOOD,
            Trait.DYED,
            Trait.SUGAR,
            Trait.HONEY,
            Trait.ROUND_FOOD,
            Trait.NUTS,
            Trait.CHOKING_FOOD,
            Trait.HARD_FOOD,
            Trait.COIN_FOOD,
            Trait.RAW_FLOUR,
            Trait.SALT_DOUGH,
            Trait.SPROUTS,
            Trait.BROAD_BEAN,
            Trait.SWELLS,
            Trait.PLANT_SEED,
            Trait.TREATED_SEED,
            Trait.HOLLOW_STEM,
            Trait.NATURAL,
            Trait.SOIL,
            Trait.COMPOST,
            Trait.HAY,
            Trait.FUNGI,
            Trait.WILD_BERRIES,
            Trait.IRRITANT_PLANT,
            Trait.WILD_FEATHER,
            Trait.MINIBEASTS,
            Trait.MALLEABLE,
            Trait.STARCH_MIX,
            Trait.SOAP,
            Trait.SCENT,
            Trait.ESSENTIAL_OIL,
            Trait.STAINS,
            Trait.SLIPPERY,
            Trait.ALCOHOL);

    private final Setup setup;

    CareCheck(Setup setup) {
        this.setup = setup;
    }

    /** What is found, child by child. */
    List<Finding> findings(List<ChildPresent> children) {
        List<Finding> findings = new ArrayList<>();
        for (ChildPresent child : children) {
            for (CareEntry entry : child.care()) {
                if (entry.kind().isAvoided()) {
                    setup.items()
                            .forEach(item -> CareRelations.match(entry.words(), item.material())
                                    .map(match -> found(child, entry, item, match))
                                    .ifPresent(findings::add));
                } else {
                    if (entry.kind() == Kind.REACH) {
                        findings.addAll(reach(child, entry));
                    }
                    if (!entry.asksFor().isEmpty()) {
                        findings.add(reminder(child, entry));
                    }
                }
            }
            child.allergens().orElse(Set.of()).stream()
                    .sorted()
                    .forEach(avoided -> setup.items()
                            .forEach(item -> CareRelations.match(avoided, item.material())
                                    .map(match -> related(child, avoided, item, match))
                                    .ifPresent(findings::add)));
        }
        return findings;
    }

    /** What nobody asked, or nobody can match: a question for each child and entry, where there is something that could hold it. */
    Set<Gap> gaps(List<ChildPresent> children) {
        Set<Gap> gaps = new TreeSet<>(java.util.Comparator.comparing(Gap::key));
        List<ChildPresent> notAsked =
                children.stream().filter(child -> child.allergens().isEmpty()).toList();
        if (!notAsked.isEmpty()
                && setup.items().stream().anyMatch(item -> CareRelations.isRelatedToAny(item.material()))) {
            notAsked.stream().map(ChildPresent::allergiesNotAsked).forEach(gaps::add);
        }
        List<String> touching = setup.items().stream()
                .filter(CareCheck::couldHold)
                .map(item -> item.material().name())
                .distinct()
                .sorted()
                .toList();
        if (touching.isEmpty()) {
            return gaps;
        }
        for (ChildPresent child : children) {
            child.care().stream()
                    .filter(entry -> entry.kind().isAvoided() && !CareRelations.knows(entry.words()))
                    .filter(entry -> setup.items().stream()
                            .noneMatch(item -> CareRelations.match(entry.words(), item.material())
                                    .isPresent()))
                    .map(entry -> new Gap(
                            Fact.CONTENT,
                            "child " + child.name() + " " + String.join(",", touching),
                            String.join(", ", touching),
                            entry.words() + " (" + child.name() + ", "
                                    + entry.kind().words() + ")"))
                    .filter(gap -> Trigger.answered(setup, gap).isUnknown())
                    .forEach(gaps::add);
        }
        return gaps;
    }

    /** Food, plants, contact with skin, and whatever nobody has looked at. */
    private static boolean couldHold(Item item) {
        Material material = item.material();
        return !material.allergens().isEmpty()
                || !material.has(Trait.LOOKED_THROUGH)
                || Stream.of(Trait.values())
                        .anyMatch(trait -> material.has(trait) && FOOD_PLANT_OR_SKIN.contains(trait));
    }

    private static Finding found(ChildPresent child, CareEntry entry, Item item, Match match) {
        boolean rule = entry.kind() == Kind.FOOD_RULE;
        return Finding.known(
                rule ? "FOOD_RULE" : "CARE_AVOIDED",
                Level.STOP_FOR,
                new Finding.Words(
                        Said.of(rule ? "care.food-rule.title" : "care.avoided.title"),
                        Said.of(
                                match.because().isEmpty() ? "care.avoided.reason" : "care.avoided.related",
                                entry.forPeople(),
                                match.found(),
                                match.because()),
                        entry.asksFor().isEmpty() ? Said.of("care.avoided.caution") : Said.typed(entry.asksFor())),
                new Finding.About(item.material().name(), List.of(child.forPeople())),
                new Finding.Authority(match.because().isEmpty() ? FAMILY : RELATIONS, ""));
    }

    private static Finding related(ChildPresent child, Allergen avoided, Item item, Match match) {
        return Finding.known(
                "RELATED_ALLERGEN",
                Level.STOP_FOR,
                Finding.Words.of(
                        "care.related",
                        avoided.words(),
                        match.found(),
                        match.because().isEmpty() ? Said.of("care.the-name-says-it") : match.because()),
                new Finding.About(item.material().name(), List.of(child.forPeople())),
                new Finding.Authority(RELATIONS, ""));
    }

    /** What is put out holds a child's reach from a seat: whether the far rim is beyond it, or nobody wrote down how far it goes. */
    private List<Finding> reach(ChildPresent child, CareEntry entry) {
        List<Finding> findings = new ArrayList<>();
        for (Item item : setup.items()) {
            Optional<Length> across = item.vessel().map(Vessel::acrossRim);
            if (across.isPresent()
                    && entry.length().map(across.get()::isMoreThan).orElse(true)) {
                findings.add(Finding.known(
                        "CARE_REACH",
                        Level.KNOW,
                        entry.length()
                                .map(reach -> Finding.Words.of(
                                        "care.reach",
                                        child.name(),
                                        reach.forPeople(),
                                        item.material().name(),
                                        across.get().forPeople()))
                                .orElseGet(() -> Finding.Words.of(
                                        "care.reach-not-measured",
                                        child.name(),
                                        item.material().name(),
                                        across.get().forPeople())),
                        new Finding.About(item.material().name(), List.of(child.forPeople())),
                        new Finding.Authority(FAMILY, "")));
            }
        }
        return findings;
    }

    private static Finding reminder(ChildPresent child, CareEntry entry) {
        return Finding.known(
                "CARE_" + entry.kind(),
                Level.KNOW,
                new Finding.Words(
                        Said.of("care.to-know.title"), Said.typed(entry.forPeople()), Said.typed(entry.asksFor())),
                new Finding.About(child.name(), List.of(child.forPeople())),
                new Finding.Authority(FAMILY, ""));
    }
}
