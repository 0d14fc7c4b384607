package app.carder.core.safety;

import app.carder.core.calculation.Source;
import app.carder.core.material.Trait;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/**
 * What the adults who work here should not handle. It is for them to know and holds nothing, and it names nobody: what somebody wrote about
 * their own health is theirs.
 */
public final class AdultCheck {

    private static final Source OWN_WORDS = Source.entered(Said.of("source.what-the-adults-wrote-about-themselves"));
    private static final Source EXPECTING = Source.fromMemory(
            "Guidance for new and expectant mothers at work: soil, droppings, raw egg, lead, strong vapours");

    /** What somebody who is expecting leaves to others, or handles with gloves. */
    private static final Set<Trait> NOT_WHILE_EXPECTING = Set.of(
            Trait.SOIL,
            Trait.COMPOST,
            Trait.HAY,
            Trait.WILD_FEATHER,
            Trait.MINIBEASTS,
            Trait.FUNGI,
            Trait.ESSENTIAL_OIL,
            Trait.EGG_BOX,
            Trait.ALCOHOL);

    private AdultCheck() {}

    /**
     * What one adult wrote.
     *
     * @param avoids what they react to, in their words
     * @param isExpecting whether they are expecting a child and said so
     */
    public record Adult(List<String> avoids, boolean isExpecting) {
        /** Keeps its own copy. */
        public Adult {
            avoids = List.copyOf(avoids);
        }
    }

    /** What is on a card that one of them should not handle; what nobody can match is said where there is anything to touch. */
    public static List<Finding> findings(Setup setup, Collection<Adult> adults) {
        List<Finding> findings = new ArrayList<>();
        for (Adult adult : adults) {
            for (String avoided : adult.avoids()) {
                List<Finding> found = setup.items().stream()
                        .flatMap(item -> CareRelations.match(avoided, item.material()).stream()
                                .map(match -> finding(
                                        "ADULT_AVOIDS", "adult.avoids", item, OWN_WORDS, match.found(), avoided)))
                        .toList();
                findings.addAll(found);
                if (found.isEmpty()
                        && !CareRelations.knows(avoided)
                        && !setup.items().isEmpty()) {
                    findings.add(finding(
                            "ADULT_AVOIDS", "adult.by-hand", setup.items().get(0), OWN_WORDS, avoided));
                }
            }
            if (adult.isExpecting()) {
                setup.items().stream()
                        .filter(item -> NOT_WHILE_EXPECTING.stream()
                                .anyMatch(trait -> item.material().has(trait)))
                        .map(item -> finding("ADULT_EXPECTING", "adult.expecting", item, EXPECTING))
                        .forEach(findings::add);
            }
        }
        return findings.stream().distinct().toList();
    }

    private static Finding finding(String code, String words, Item item, Source source, Object... reasonArguments) {
        return Finding.known(
                code,
                Level.KNOW,
                Finding.Words.of(words, reasonArguments).doing(Said.of("adult.caution")),
                new Finding.About(item.material().name(), List.of()),
                new Finding.Authority(source, ""));
    }
}
