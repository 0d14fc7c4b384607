package app.carder.core.wording;

import app.carder.core.said.Said;
import app.carder.core.table.ShippedTable;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVRecord;

/**
 * What is known about writing in one language, as data: words to look at twice, signs that show a feeling, and the
 * constants of a reading-ease formula. A further language is one more table.
 *
 * @param code of the language (RFC 5646), such as "en"
 * @param watched words to look at twice
 * @param exceptions words in which a watched word means something else: {@code bright yellow}, {@code sweet potato}
 * @param signs beginnings of words that tell what could be seen or heard
 * @param ease constants of the formula
 */
public record LanguageRules(
        String code, List<WordRule> watched, List<String> exceptions, List<String> signs, Ease ease) {

    /** The languages that ship. */
    public static final List<String> SHIPPED = List.of("en", "de");

    /** Keeps its own copies. */
    public LanguageRules {
        watched = List.copyOf(watched);
        exceptions = List.copyOf(exceptions);
        signs = List.copyOf(signs);
    }

    /** Why a word is looked at. */
    public enum Reason {
        LABEL,
        JUDGEMENT,
        FEELING,
        INFERENCE,
        COMPARISON,
        VAGUE,
        /** A word of the trade, which a family may not know. */
        TRADE;

        /** For people. */
        public String words() {
            return Said.say("language-reason." + name());
        }
    }

    /**
     * A word, or several, to look at twice.
     *
     * @param pattern in lower case; a word that ends with * stands for all its endings
     * @param reason why
     * @param instead an example that describes
     */
    public record WordRule(String pattern, Reason reason, String instead) {}

    /**
     * Reading ease = {@code base − perSentence·(words/sentences) − perWord·(syllables/words)}.
     *
     * @param vowels letters that make a syllable, in lower case
     * @param silentE whether an e at the end of a word makes none
     */
    public record Ease(double base, double perSentence, double perWord, String vowels, boolean silentE) {}

    /**
     * The rules of a language that ships.
     *
     * @throws IllegalArgumentException if it does not
     */
    public static LanguageRules shipped(String code) {
        if (!SHIPPED.contains(code)) {
            throw new IllegalArgumentException("A language must be one of %s, got %s.".formatted(SHIPPED, code));
        }
        List<WordRule> watched = new ArrayList<>();
        List<String> exceptions = new ArrayList<>();
        List<String> signs = new ArrayList<>();
        Ease ease = null;
        for (CSVRecord row : ShippedTable.rows(LanguageRules.class, "words-" + code + ".csv")) {
            String kind = row.get("kind");
            switch (kind) {
                case "EXCEPT" -> exceptions.add(row.get("words"));
                case "SIGN" -> signs.add(row.get("words"));
                case "EASE" -> ease = ease(row.get("words"), row.get("instead"));
                default -> watched.add(new WordRule(row.get("words"), Reason.valueOf(kind), row.get("instead")));
            }
        }
        if (ease == null) {
            throw new IllegalStateException("Impossible state: words-%s.csv has no row EASE.".formatted(code));
        }
        return new LanguageRules(code, watched, exceptions, signs, ease);
    }

    /**
     * The rules of a language that ships, for what a family reads: words of the trade are marked too.
     *
     * @throws IllegalArgumentException if it does not
     */
    public static LanguageRules forFamilies(String code) {
        LanguageRules rules = shipped(code);
        List<WordRule> watched = new ArrayList<>(rules.watched);
        for (CSVRecord row : ShippedTable.rows(LanguageRules.class, "trade-" + code + ".csv")) {
            watched.add(new WordRule(row.get("words"), Reason.TRADE, row.get("plain")));
        }
        return new LanguageRules(code, watched, rules.exceptions, rules.signs, rules.ease);
    }

    private static Ease ease(String constants, String letters) {
        String[] numbers = constants.split(" ");
        return new Ease(
                Double.parseDouble(numbers[0]),
                Double.parseDouble(numbers[1]),
                Double.parseDouble(numbers[2]),
                letters,
                numbers[3].equals("silent-e"));
    }
}
