package app.carder.core.wording;

import app.carder.core.said.Said;
import app.carder.core.wording.LanguageRules.Ease;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How easy a text is to read: {@code 206.835 − 1.015·W/S − 84.6·Y/W} for English (Flesch 1948), {@code 180 − W/S −
 * 58.5·Y/W} for German (Amstad 1978), both from memory; W words, S sentences, Y syllables. Syllables are counted by
 * rule, which is off by one now and then, so it is told in bands, never in decimals.
 *
 * @param words W
 * @param sentences S
 * @param syllables Y
 * @param score by the formula; the higher the easier
 */
public record ReadingEase(int words, int sentences, int syllables, double score) {

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}]+(?:['’][\\p{L}\\p{M}]+)*");
    private static final Pattern SENTENCE_END = Pattern.compile("(?<![.!?…])[.!?…]++(?:[”\"’»]+|(?=\\s|$))|\\n+");

    /** Words of a sentence that is still read in one go. */
    static final int LONGEST_SENTENCE = 25;

    /** Fewer words say nothing. */
    private static final int FEWEST_WORDS = 10;

    /** Bands after Flesch (1948). */
    public enum Band {
        TOO_SHORT,
        VERY_EASY,
        EASY,
        FAIRLY_EASY,
        PLAIN,
        FAIRLY_HARD,
        HARD,
        VERY_HARD;

        /** For people. */
        public String words() {
            return Said.say("reading-ease." + name());
        }
    }

    /** From counts. */
    public static ReadingEase ofCounts(int words, int sentences, int syllables, Ease ease) {
        double score = words == 0 || sentences == 0
                ? 0
                : ease.base() - ease.perSentence() * words / sentences - ease.perWord() * syllables / words;
        return new ReadingEase(words, sentences, syllables, score);
    }

    /** From a text. */
    public static ReadingEase of(String text, Ease ease) {
        var found = WORD.matcher(text);
        int words = 0;
        int syllables = 0;
        while (found.find()) {
            words++;
            syllables += syllables(found.group(), ease);
        }
        int sentences = 0;
        for (String part : SENTENCE_END.split(text)) {
            sentences += WORD.matcher(part).find() ? 1 : 0;
        }
        return ofCounts(words, sentences, syllables, ease);
    }

    /**
     * The sentences of a text that are hard to read, in order: those of more than {@value #LONGEST_SENTENCE} words, and those of ten words or
     * more that lie in a hard band by themselves. Plain-language guides ask for 15 to 20 words on average and 25 at most (from memory).
     */
    public static List<String> hardSentences(String text, Ease ease) {
        return sentences(text).stream()
                .filter(sentence -> {
                    ReadingEase one = of(sentence, ease);
                    Band band = one.band();
                    return one.words > LONGEST_SENTENCE || band == Band.HARD || band == Band.VERY_HARD;
                })
                .toList();
    }

    /** The sentences of a text, in order; a line that ends without a full stop is one too. */
    public static List<String> sentences(String text) {
        List<String> sentences = new ArrayList<>();
        int from = 0;
        Matcher ends = SENTENCE_END.matcher(text);
        while (from < text.length()) {
            int to = ends.find() ? ends.end() : text.length();
            for (String line : text.substring(from, to).split("\n")) {
                if (!line.isBlank()) {
                    sentences.add(line.trim());
                }
            }
            from = to;
        }
        return sentences;
    }

    /** In which band it lies. */
    public Band band() {
        if (words < FEWEST_WORDS) {
            return Band.TOO_SHORT;
        }
        if (score >= 90) {
            return Band.VERY_EASY;
        } else if (score >= 80) {
            return Band.EASY;
        } else if (score >= 70) {
            return Band.FAIRLY_EASY;
        } else if (score >= 60) {
            return Band.PLAIN;
        } else if (score >= 50) {
            return Band.FAIRLY_HARD;
        }
        return score >= 30 ? Band.HARD : Band.VERY_HARD;
    }

    /** Groups of vowels, an e at the end left out where the language has it silent; at least one. */
    static int syllables(String word, Ease ease) {
        String lower = word.toLowerCase(Locale.ROOT);
        int groups = 0;
        boolean inGroup = false;
        for (int i = 0; i < lower.length(); i++) {
            boolean vowel = isVowel(lower.charAt(i), ease);
            groups += vowel && !inGroup ? 1 : 0;
            inGroup = vowel;
        }
        return Math.max(1, ease.silentE() && endsSilently(lower, ease) ? groups - 1 : groups);
    }

    /** As in "scale", not as in "table", where the l carries the syllable. */
    private static boolean endsSilently(String word, Ease ease) {
        int last = word.length() - 1;
        return word.endsWith("e")
                && last > 1
                && !isVowel(word.charAt(last - 1), ease)
                && (word.charAt(last - 1) != 'l' || isVowel(word.charAt(last - 2), ease));
    }

    private static boolean isVowel(char letter, Ease ease) {
        return ease.vowels().indexOf(letter) >= 0;
    }
}
