package app.carder.core.wording;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Finds words and phrases of a list in a text, whole words only. A phrase that ends with * stands for all its endings, a space in it
 * for any blank. It is looked up by its first word, so that a text is read once however long the list is: it is read anew with every
 * letter that somebody types.
 *
 * @param <T> what belongs to a phrase
 */
final class Phrases<T> {

    private final Map<String, List<Phrase<T>>> byFirstWord = new HashMap<>();

    private record Phrase<T>(String words, boolean open, T what) {
        /** Whether its first word may have any ending. */
        boolean isOpenWord() {
            return open && lettersFrom(words, 0) == words.length();
        }
    }

    /**
     * A place where a phrase stands.
     *
     * @param start first character
     * @param end behind the last
     * @param what belongs to it
     */
    record Place<T>(int start, int end, T what) {}

    /**
     * Reads a list.
     *
     * @param pattern in lower case, beginning with a letter
     */
    Phrases(List<T> list, Function<T, String> pattern) {
        for (T what : list) {
            String words = pattern.apply(what);
            boolean open = words.endsWith("*");
            String stem = open ? words.substring(0, words.length() - 1) : words;
            byFirstWord
                    .computeIfAbsent(stem.substring(0, lettersFrom(stem, 0)), first -> new ArrayList<>())
                    .add(new Phrase<>(stem, open, what));
        }
    }

    /** Where its phrases stand in a text, in order of their first characters. */
    List<Place<T>> in(String text) {
        List<Place<T>> places = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            int end = lettersFrom(text, at);
            if (end == at) {
                at++;
                continue;
            }
            for (int first = at + 1; first <= end; first++) {
                for (Phrase<T> phrase : byFirstWord.getOrDefault(text.substring(at, first), List.of())) {
                    int until = first == end ? match(phrase, text, at) : phrase.isOpenWord() ? end : -1;
                    if (until >= 0) {
                        places.add(new Place<>(at, until, phrase.what()));
                    }
                }
            }
            at = end;
        }
        return places;
    }

    /** Where a phrase that begins here ends; below zero where it does not stand here. */
    private static int match(Phrase<?> phrase, String text, int start) {
        int at = start;
        for (int i = 0; i < phrase.words().length(); i++) {
            if (at >= text.length()) {
                return -1;
            }
            if (phrase.words().charAt(i) == ' ') {
                int blank = at;
                while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
                    at++;
                }
                if (at == blank) {
                    return -1;
                }
            } else if (text.charAt(at) == phrase.words().charAt(i)) {
                at++;
            } else {
                return -1;
            }
        }
        int end = lettersFrom(text, at);
        return phrase.open() || end == at ? end : -1;
    }

    private static int lettersFrom(String text, int at) {
        int end = at;
        while (end < text.length() && Character.isLetter(text.charAt(end))) {
            end++;
        }
        return end;
    }
}
