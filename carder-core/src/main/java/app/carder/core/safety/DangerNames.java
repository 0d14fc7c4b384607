package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.material.Trait;
import app.carder.core.table.ShippedTable;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;

/**
 * Names that sound like a danger: water beads, plaster of Paris, balloon, grapes. A name is a reason to ask, never a verdict, because
 * "balloon whisk" is no balloon. Tables by language; common practice.
 */
final class DangerNames {

    private static final List<String> LANGUAGES = List.of("en", "de");
    private static final Map<Trait, Pattern> OF_THINGS = read(row -> true);
    private static final Map<Trait, Pattern> IN_WORDS =
            read(row -> row.get("asked_in").equals("everywhere"));

    private static final Memo<String, Map<Trait, String>> SAID = new Memo<>(DangerNames::find);
    private static final Memo<String, List<Hit>> IN_CARDS = new Memo<>(DangerNames::search);

    private DangerNames() {}

    /**
     * A name that seems to say a trait.
     *
     * @param said the words that were found
     * @param trait what they seem to say
     */
    record Hit(String said, Trait trait) {}

    /** The words in the name of a thing that seem to say a trait. */
    static Optional<String> said(String name, Trait trait) {
        return Optional.ofNullable(SAID.of(name).get(trait));
    }

    /** Whether the same words of a name are explained by another trait that the thing has: "disc magnets" are loose, not sealed. */
    static boolean isExplained(Material material, String said) {
        return SAID.of(material.name()).entrySet().stream()
                .filter(hit -> material.has(hit.getKey()))
                .anyMatch(hit -> hit.getValue().contains(said) || said.contains(hit.getValue()));
    }

    /** What the words of a card seem to say; everyday words are left out. */
    static List<Hit> in(String text) {
        return IN_CARDS.of(text);
    }

    private static Map<Trait, String> find(String name) {
        Map<Trait, String> found = new EnumMap<>(Trait.class);
        OF_THINGS.forEach((trait, pattern) -> {
            Matcher matcher = pattern.matcher(name);
            if (matcher.find()) {
                found.put(trait, matcher.group());
            }
        });
        return found;
    }

    private static List<Hit> search(String text) {
        List<Hit> hits = new ArrayList<>();
        IN_WORDS.forEach((trait, pattern) -> {
            Matcher matcher = pattern.matcher(text);
            if (matcher.find()) {
                hits.add(new Hit(matcher.group(), trait));
            }
        });
        return List.copyOf(hits);
    }

    private static Map<Trait, Pattern> read(Predicate<CSVRecord> wanted) {
        Map<Trait, List<String>> words = new LinkedHashMap<>();
        for (String language : LANGUAGES) {
            ShippedTable.rows(DangerNames.class, "names-%s.csv".formatted(language)).stream()
                    .filter(wanted)
                    .forEach(row -> words.computeIfAbsent(Trait.valueOf(row.get("trait")), trait -> new ArrayList<>())
                            .addAll(List.of(row.get("names").split("\\|"))));
        }
        Map<Trait, Pattern> patterns = new LinkedHashMap<>();
        words.forEach((trait, names) -> patterns.put(
                trait,
                Pattern.compile(
                        "(?<!\\p{L})(?:" + String.join("|", names) + ")(?!\\p{L})",
                        Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)));
        return patterns;
    }
}
