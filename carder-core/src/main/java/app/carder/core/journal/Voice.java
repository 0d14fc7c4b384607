package app.carder.core.journal;

import app.carder.core.table.ShippedTable;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** How a child said something itself, as far as a record tells: in quotation marks, or in words for signs and pointing (a file of words). */
public enum Voice {
    SPOKEN,
    SIGNED,
    POINTED;

    private static final Pattern QUOTED =
            Pattern.compile("“([^“”]+)”|„([^„“”]+)[“”]|«([^«»]+)»|\"([^\"]+)\"|(?<!\\p{L})‘([^‘’]+)’(?!\\p{L})");
    private static final Pattern SIGNS = words(SIGNED);
    private static final Pattern POINTS = words(POINTED);

    /** In what ways the child says something in a text. */
    public static Set<Voice> in(String text) {
        Set<Voice> voices = EnumSet.noneOf(Voice.class);
        if (!quotes(text).isEmpty()) {
            voices.add(SPOKEN);
        }
        if (SIGNS.matcher(text).find()) {
            voices.add(SIGNED);
        }
        if (POINTS.matcher(text).find()) {
            voices.add(POINTED);
        }
        return voices;
    }

    /** What stands in quotation marks, in order, without these. */
    public static List<String> quotes(String text) {
        List<String> quotes = new ArrayList<>();
        Matcher found = QUOTED.matcher(text);
        while (found.find()) {
            for (int group = 1; group <= found.groupCount(); group++) {
                String quote = found.group(group);
                if (quote != null && quote.codePoints().anyMatch(Character::isLetter)) {
                    quotes.add(quote.strip());
                }
            }
        }
        return quotes;
    }

    private static Pattern words(Voice voice) {
        return Pattern.compile(
                ShippedTable.rows(Voice.class, "voice.csv").stream()
                        .filter(row -> row.get("kind").equals(voice.name()))
                        .map(row -> Pattern.quote(row.get("words").toLowerCase(Locale.ROOT)))
                        .collect(Collectors.joining("|", "(?<![\\p{L}])(?:", ")(?![\\p{L}])")),
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }
}
