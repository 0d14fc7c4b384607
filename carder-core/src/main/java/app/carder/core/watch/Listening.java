package app.carder.core.watch;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a child said: the usual counts of language samples (number of different words, mean length of utterance in
 * words; textbooks, from memory). With few utterances they say little, so the words themselves stand first.
 *
 * @param utterances how many
 * @param words how many words
 * @param differentWords how many different ones, whatever their case
 * @param questions how many of the utterances were questions
 * @param languages utterances in each language, in the order in which they were heard
 */
public record Listening(int utterances, int words, int differentWords, int questions, Map<String, Integer> languages) {

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}]+(?:['’-][\\p{L}\\p{M}]+)*");

    /**
     * Something that was heard.
     *
     * @param words as the child said them
     * @param language in which; empty where it was not noted
     * @param isQuestion whether the child asked
     */
    public record Heard(String words, String language, boolean isQuestion) {}

    /** Counts what was heard. */
    public static Listening of(Collection<Heard> heard) {
        Set<String> different = new LinkedHashSet<>();
        Map<String, Integer> languages = new LinkedHashMap<>();
        int words = 0;
        for (Heard one : heard) {
            List<String> said = wordsOf(one.words());
            words += said.size();
            different.addAll(said);
            if (!one.language().isEmpty()) {
                languages.merge(one.language(), 1, Integer::sum);
            }
        }
        return new Listening(
                heard.size(),
                words,
                different.size(),
                (int) heard.stream().filter(Heard::isQuestion).count(),
                languages);
    }

    /** Words for each utterance; 0 where nothing was heard. */
    public double meanLength() {
        return utterances == 0 ? 0 : (double) words / utterances;
    }

    private static List<String> wordsOf(String text) {
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(text);
        while (matcher.find()) {
            words.add(matcher.group().toLowerCase(Locale.ROOT));
        }
        return words;
    }
}
