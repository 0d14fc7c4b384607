package app.carder.core.journal;

import app.carder.core.wording.Folding;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Whether a text mentions a thing: one of the thing's words of four letters or more begins a word of the text. It finds "beans" by "bean" and
 * misses what is said in other words.
 *
 * @param words of the thing, folded
 */
public record Mentions(Set<String> words) {

    private static final Pattern WORD = Pattern.compile("\\p{L}{4,}");

    /** Keeps its own copy. */
    public Mentions {
        words = Set.copyOf(words);
    }

    /** Of a thing that is called so. */
    public static Mentions of(String title) {
        return new Mentions(in(title));
    }

    private static Set<String> in(String text) {
        return WORD.matcher(text)
                .results()
                .map(found -> Folding.folded(found.group()))
                .collect(Collectors.toSet());
    }

    /** Whether a text mentions it. */
    public boolean isIn(String text) {
        return in(text).stream().anyMatch(word -> words.stream().anyMatch(word::startsWith));
    }
}
