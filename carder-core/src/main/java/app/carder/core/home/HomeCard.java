package app.carder.core.home;

import app.carder.core.material.Allergen;
import app.carder.core.table.ShippedTable;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/**
 * Something to try at home, with what is there.
 *
 * @param code of it
 * @param fromMonths from this age on
 * @param untilMonths up to this age
 * @param title in a few words
 * @param with what it takes
 * @param toTry what to do
 * @param mightSee what a family might see
 * @param words to use
 * @param needs what has to be thought of
 * @param allergens what is in it
 */
public record HomeCard(
        String code,
        int fromMonths,
        int untilMonths,
        String title,
        String with,
        String toTry,
        String mightSee,
        String words,
        Set<HomeSafety.Need> needs,
        Set<Allergen> allergens) {

    private static final String OF_ALLERGEN = "ALLERGEN:";
    private static final String ENGLISH = "en";
    private static final Map<String, Map<String, CSVRecord>> OTHERS = new ConcurrentHashMap<>();
    private static final List<HomeCard> SHIPPED = ShippedTable.rows(HomeCard.class, "home-cards.csv").stream()
            .map(HomeCard::of)
            .toList();

    /** Keeps its own copies. */
    public HomeCard {
        needs = Set.copyOf(needs);
        allergens = Set.copyOf(allergens);
    }

    /** All that ship, in the order of their ages. */
    public static List<HomeCard> shipped() {
        return SHIPPED;
    }

    /** One of them. */
    public static Optional<HomeCard> shipped(String code) {
        return SHIPPED.stream().filter(card -> card.code().equals(code)).findFirst();
    }

    /** The same card in a language, where somebody wrote it there. */
    public Optional<HomeCard> in(String language) {
        return language.equals(ENGLISH)
                ? Optional.of(this)
                : Optional.ofNullable(OTHERS.computeIfAbsent(language, HomeCard::others)
                                .get(code))
                        .map(words -> new HomeCard(
                                code,
                                fromMonths,
                                untilMonths,
                                words.get("title"),
                                words.get("with"),
                                words.get("try"),
                                words.get("see"),
                                words.get("talk"),
                                needs,
                                allergens));
    }

    private static Map<String, CSVRecord> others(String language) {
        String file = "home-cards_%s.csv".formatted(language);
        return HomeCard.class.getResource(file) == null
                ? Map.of()
                : ShippedTable.rows(HomeCard.class, file).stream()
                        .collect(Collectors.toMap(row -> row.get("code"), Function.identity()));
    }

    /** Whether it is made for a child of this age, in months. */
    public boolean suits(int months) {
        return months >= fromMonths && months <= untilMonths;
    }

    private static HomeCard of(CSVRecord row) {
        List<String> needs = Arrays.stream(row.get("needs").split(" "))
                .filter(need -> !need.isEmpty())
                .toList();
        return new HomeCard(
                row.get("code"),
                Integer.parseInt(row.get("from")),
                Integer.parseInt(row.get("until")),
                row.get("title"),
                row.get("with"),
                row.get("try"),
                row.get("see"),
                row.get("talk"),
                needs.stream()
                        .filter(need -> !need.startsWith(OF_ALLERGEN))
                        .map(HomeSafety.Need::valueOf)
                        .collect(Collectors.toSet()),
                needs.stream()
                        .filter(need -> need.startsWith(OF_ALLERGEN))
                        .map(need -> Allergen.valueOf(need.substring(OF_ALLERGEN.length())))
                        .collect(Collectors.toSet()));
    }
}
