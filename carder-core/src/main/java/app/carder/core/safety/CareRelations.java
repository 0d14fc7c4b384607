package app.carder.core.safety;

import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.Trait;
import app.carder.core.said.Catalogue;
import app.carder.core.said.Said;
import app.carder.core.table.ShippedTable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What goes with what a child must avoid, outside the listed allergens: names under which it is found, relatives to which many also
 * react (latex with kiwi, banana, avocado and chestnut), and things that often hold it (mustard seed in bird food). From memory of
 * allergy reviews; a prompt to look, never a list that is complete.
 */
final class CareRelations {

    private static final List<Relation> RELATIONS = read();

    private static final Memo<Asked, Optional<Match>> MATCHED = new Memo<>(CareRelations::find);

    private CareRelations() {}

    private static final Memo<Listed, Optional<Match>> RELATED =
            new Memo<>(listed -> related(Catalogue.ENGLISH.say(listed.avoided().said()), listed.material()));

    /** Words that say how a thing is, not what it is. */
    private static final Set<String> NO_NAMES = Set.of(
            "and",
            "the",
            "with",
            "without",
            "from",
            "any",
            "all",
            "both",
            "not",
            "raw",
            "cooked",
            "white",
            "red",
            "green",
            "black",
            "brown",
            "yellow",
            "blue",
            "dried",
            "dry",
            "fresh",
            "wild",
            "long",
            "short",
            "small",
            "large",
            "food",
            "foods",
            "product",
            "products",
            "protein",
            "allergy",
            "things",
            "some",
            "most",
            "own",
            "warm",
            "cold",
            "home",
            "made");

    private record Listed(Allergen avoided, Material material) {}

    private record Asked(String avoided, Material material) {}

    private record Relation(
            Pattern terms, Pattern names, List<Trait> traits, List<Allergen> allergens, String because) {}

    /**
     * Why a material may be what a child must avoid.
     *
     * @param found the words, trait or allergen that was found
     * @param because how it is related; empty where it is the thing itself
     */
    record Match(Said found, String because) {}

    /** Whether anything is known of what these words mean. */
    static boolean knows(String avoided) {
        return RELATIONS.stream()
                .anyMatch(relation -> relation.terms().matcher(avoided).find());
    }

    /** Whether a material is, holds or is related to what is avoided. */
    static Optional<Match> match(String avoided, Material material) {
        return MATCHED.of(new Asked(avoided, material));
    }

    private static Optional<Match> find(Asked asked) {
        String avoided = asked.avoided();
        Material material = asked.material();
        Matcher itself = words(avoided).matcher(material.name());
        if (itself.find()) {
            return Optional.of(new Match(Said.typed(itself.group()), ""));
        }
        return related(avoided, material);
    }

    /** Whether a material is related to what these words stand for; the words themselves are not looked for in its name. */
    static Optional<Match> related(String avoided, Material material) {
        return RELATIONS.stream()
                .filter(relation -> relation.terms().matcher(avoided).find())
                .flatMap(relation -> found(relation, material).stream())
                .findFirst();
    }

    /** What a listed allergen is related to, beyond what the material itself says that it holds. */
    static Optional<Match> match(Allergen avoided, Material material) {
        return material.allergens().contains(avoided) ? Optional.empty() : RELATED.of(new Listed(avoided, material));
    }

    /** Whether a material is related to any listed allergen that it does not say it holds. */
    static boolean isRelatedToAny(Material material) {
        return Arrays.stream(Allergen.values())
                .anyMatch(avoided -> match(avoided, material).isPresent());
    }

    private static Optional<Match> found(Relation relation, Material material) {
        Matcher name = relation.names().matcher(material.name());
        if (name.find()) {
            return Optional.of(new Match(Said.typed(name.group()), relation.because()));
        }
        return relation.traits().stream()
                .filter(material::has)
                .map(Trait::said)
                .findFirst()
                .or(() -> relation.allergens().stream()
                        .filter(material.allergens()::contains)
                        .map(Allergen::said)
                        .findFirst())
                .map(found -> new Match(found, relation.because()));
    }

    /** The words themselves, each as the beginning of a word: "banana" is found in "bananas", "wool" in "woollen". */
    private static Pattern words(String avoided) {
        String alternatives = Arrays.stream(avoided.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> word.length() > 2 && !NO_NAMES.contains(word))
                .map(word -> Pattern.quote(
                        word.endsWith("s") && word.length() > 4 ? word.substring(0, word.length() - 1) : word))
                .reduce((one, next) -> one + "|" + next)
                .orElse("(?!)");
        return Pattern.compile(
                "(?<!\\p{L})(?:" + alternatives + ")\\p{L}{0,3}(?!\\p{L})",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    private static List<Relation> read() {
        List<Relation> relations = new ArrayList<>();
        ShippedTable.rows(CareRelations.class, "care-relations-en.csv").forEach(row -> {
            List<String> found = List.of(row.get("found_in").split("\\|"));
            relations.add(new Relation(
                    pattern(List.of(row.get("terms").split("\\|"))),
                    pattern(found.stream().filter(one -> !one.contains(":")).toList()),
                    found.stream()
                            .filter(one -> one.startsWith("trait:"))
                            .map(one -> Trait.valueOf(one.substring(6)))
                            .toList(),
                    found.stream()
                            .filter(one -> one.startsWith("allergen:"))
                            .map(one -> Allergen.valueOf(one.substring(9)))
                            .toList(),
                    row.get("because")));
        });
        return List.copyOf(relations);
    }

    private static Pattern pattern(List<String> words) {
        return Pattern.compile(
                words.isEmpty() ? "(?!)" : "(?<!\\p{L})(?:" + String.join("|", words) + ")(?:s|es|n|en)?(?!\\p{L})",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }
}
