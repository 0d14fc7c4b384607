package app.carder.core.proposal;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Whether a card meets what a child is interested in: whether they share a word of four letters or more, endings aside. A hint for
 * planning in the language that both are written in; it knows no meanings.
 */
public final class Interests {

    private static final int SHORTEST = 4;
    private static final Set<String> COMMON = Set.of(
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
            "through");

    private Interests() {}

    /** How many of these interests a card's words meet. */
    public static int met(Collection<String> interests, String cardWords) {
        Set<String> card = stems(cardWords);
        return (int) interests.stream()
                .filter(interest -> stems(interest).stream().anyMatch(card::contains))
                .count();
    }

    private static Set<String> stems(String words) {
        String plain = Normalizer.normalize(words.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "");
        return Arrays.stream(plain.split("[^\\p{L}]+"))
                .filter(word -> word.length() >= SHORTEST && !COMMON.contains(word))
                .map(Interests::stem)
                .collect(Collectors.toSet());
    }

    private static String stem(String word) {
        String stem = word.replaceAll("(ing|ers|er|ed|es|s)$", "");
        return stem.length() < SHORTEST - 1 ? word : stem;
    }
}
