package app.carder.core.wording;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Finds names by parts of them, whatever their accents and capital letters. Which fits come before which is common practice. */
public final class NameSearch {

    /** How well a name fits, the best first. */
    public enum Fit {
        /** It is what was typed. */
        WHOLE,
        /** It begins so. */
        BEGINS,
        /** Each of the words typed begins one of its words. */
        WORDS_BEGIN,
        /** What was typed stands inside its words. */
        INSIDE
    }

    private final List<String> wanted;

    private NameSearch(List<String> wanted) {
        this.wanted = wanted;
    }

    /** A search for what somebody typed. */
    public static NameSearch of(String typed) {
        return new NameSearch(words(typed));
    }

    private static List<String> words(String text) {
        return Arrays.stream(Folding.folded(text).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    /** Whether nothing that could be found was typed. */
    public boolean isEmpty() {
        return wanted.isEmpty();
    }

    /** How well a name fits; empty where it does not, and where nothing was typed. */
    public Optional<Fit> fit(String name) {
        List<String> there = words(name);
        if (wanted.isEmpty()) {
            return Optional.empty();
        }
        if (there.equals(wanted)) {
            return Optional.of(Fit.WHOLE);
        }
        if (String.join(" ", there).startsWith(String.join(" ", wanted))) {
            return Optional.of(Fit.BEGINS);
        }
        if (wanted.stream().allMatch(word -> there.stream().anyMatch(one -> one.startsWith(word)))) {
            return Optional.of(Fit.WORDS_BEGIN);
        }
        return wanted.stream().allMatch(word -> there.stream().anyMatch(one -> one.contains(word)))
                ? Optional.of(Fit.INSIDE)
                : Optional.empty();
    }
}
