package app.carder.core.practice;

import app.carder.core.framework.Sense;
import app.carder.core.table.ShippedTable;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/**
 * A card to begin with; everything can be changed on it.
 *
 * @param style whose template it is
 * @param code its own
 * @param title in a few words
 * @param intention what it invites children to do
 * @param adultRole what the adult does
 * @param words to offer
 * @param areas codes in the framework {@code sme}
 * @param senses that it speaks to
 * @param vessel its code in the cupboard; absent where nothing is poured
 * @param put codes of the cupboard with centimetres or a number
 * @param place where it is set out
 */
public record CardTemplate(
        PracticeStyle style,
        String code,
        String title,
        String intention,
        String adultRole,
        String words,
        Set<String> areas,
        Set<Sense> senses,
        Optional<String> vessel,
        Map<String, BigDecimal> put,
        String place) {

    /** Keeps its own copies. */
    public CardTemplate {
        areas = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(areas));
        senses = Set.copyOf(senses);
        put = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(put));
    }

    /** The templates that ship with the application. */
    public static List<CardTemplate> shipped() {
        return ShippedTable.rows(CardTemplate.class, "templates.csv").stream()
                .map(CardTemplate::of)
                .toList();
    }

    private static CardTemplate of(CSVRecord row) {
        Map<String, BigDecimal> put = new LinkedHashMap<>();
        words(row.get("put")).forEach(pair -> {
            int at = pair.indexOf('=');
            put.put(pair.substring(0, at), new BigDecimal(pair.substring(at + 1)));
        });
        return new CardTemplate(
                PracticeStyle.valueOf(row.get("style")),
                row.get("code"),
                row.get("title"),
                row.get("intention"),
                row.get("adult_role"),
                row.get("words"),
                words(row.get("areas")),
                words(row.get("senses")).stream().map(Sense::valueOf).collect(Collectors.toSet()),
                Optional.of(row.get("vessel")).filter(code -> !code.isEmpty()),
                put,
                row.get("place"));
    }

    private static Set<String> words(String cell) {
        return Arrays.stream(cell.split("\\s+"))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
