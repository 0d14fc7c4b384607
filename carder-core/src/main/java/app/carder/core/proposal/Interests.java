package app.carder.core.proposal;

import app.carder.core.table.ShippedTable;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Whether a card meets what a child is interested in: whether they share a word of three letters or more, endings aside, or words of one
 * group in {@code interests-en.csv} (car, lorry, bus). A hint for planning in the language that both are written in.
 */
public final class Interests {

    private static final int SHORTEST = 3;
    private static final Map<String, String> GROUPS = groups();
    private static final Set<String> COMMON = Set.copyOf(List.of(
            "with",
            "that",
            "this",
            "them",
            "they",
            "from",
            "into",
            "what",
            "when",
            "where",
            "which",
            "things",
            "thing",
            "being",
            "other",
            "again",
            "more",
            "little",
            "children",
            "child",
            "play",
            "playing",
            "likes",
            "about",
            "through",
            "and",
            "the",
            "for",
            "are",
            "was",
            "his",
            "her",
            "she",
            "him",
            "you",
            "can",
            "all",
            "one",
            "out",
            "not",
            "how",
            "who",
            "its",
            "our",
            "has",
            "had",
            "may",
            "let",
            "get",
            "put",
            "use",
            "see",
            "say",
            "two",
            "new",
            "old",
            "any",
            "them",
            "each",
            "then",
            "than",
            "like",
            "make",
            "time"));

    private Interests() {}

    /**
     * Whose interests a card's words meet.
     *
     * @param interests words of each child, by the child's id
     */
    public static Set<String> met(Map<String, String> interests, String cardWords) {
        Set<String> card = stems(cardWords);
        return interests.entrySet().stream()
                .filter(child -> stems(child.getValue()).stream().anyMatch(card::contains))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    private static Set<String> stems(String words) {
        String plain = Normalizer.normalize(words.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "");
        return Arrays.stream(plain.split("[^\\p{L}]+"))
                .filter(word -> word.length() >= SHORTEST && !COMMON.contains(word))
                .map(Interests::stem)
                .map(stem -> GROUPS.getOrDefault(stem, stem))
                .collect(Collectors.toSet());
    }

    private static String stem(String word) {
        String stem = word.replaceAll("(ing|ers|er|ed|es|s)$", "");
        return stem.length() < SHORTEST ? word.replaceAll("s$", "") : stem;
    }

    /** Each word's stem, with the first word of its group. */
    private static Map<String, String> groups() {
        Map<String, String> groups = new HashMap<>();
        ShippedTable.rows(Interests.class, "interests-en.csv").forEach(row -> {
            String[] words = row.get("words").split("\\|");
            for (String word : words) {
                groups.put(stem(word), stem(words[0]));
            }
        });
        return groups;
    }
}
