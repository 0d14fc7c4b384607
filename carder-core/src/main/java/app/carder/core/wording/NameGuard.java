package app.carder.core.wording;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Keeps other children's names out of what one family reads. A name counts wherever it stands as a word, whatever its
 * case and accents, with or without a possessive ending; the child's own name never counts. It errs on the side of
 * finding a name: a word that is also a child's name must be written another way.
 */
public final class NameGuard {

    private static final String STAND_IN = "a friend";
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}]+");

    private final Set<List<String>> others = new LinkedHashSet<>();

    private NameGuard(String ownName, Collection<String> otherNames) {
        List<String> own = words(ownName);
        for (String name : otherNames) {
            List<String> other = words(name);
            if (!other.isEmpty() && !other.equals(own)) {
                others.add(other);
            }
        }
    }

    /**
     * A guard for one child.
     *
     * @param ownName the child's first name
     * @param otherNames first names of the other children of the setting
     */
    public static NameGuard forChild(String ownName, Collection<String> otherNames) {
        return new NameGuard(ownName, otherNames);
    }

    /** The other children's names that stand in the text, as written there, each once. */
    public List<String> namesIn(String text) {
        Set<String> found = new LinkedHashSet<>();
        for (Found name : find(text)) {
            found.add(text.substring(name.start(), name.end()));
        }
        return List.copyOf(found);
    }

    /** The text with "a friend" in the place of each name; at the start of a sentence, "A friend". */
    public String withoutNames(String text) {
        StringBuilder kept = new StringBuilder();
        int from = 0;
        for (Found name : find(text)) {
            kept.append(text, from, name.start());
            kept.append(startsSentence(text, name.start()) ? "A" + STAND_IN.substring(1) : STAND_IN);
            from = name.end();
        }
        return kept.append(text.substring(from)).toString();
    }

    /** A place in a text. */
    record Found(int start, int end) {}

    /** Where other children's names stand. */
    List<Found> places(String text) {
        return find(text);
    }

    private List<Found> find(String text) {
        List<Found> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(text);
        while (matcher.find()) {
            words.add(new Found(matcher.start(), matcher.end()));
        }
        List<Found> names = new ArrayList<>();
        for (int at = 0; at < words.size(); ) {
            int length = nameLengthAt(text, words, at);
            if (length == 0) {
                at++;
            } else {
                names.add(new Found(
                        words.get(at).start(), words.get(at + length - 1).end()));
                at += length;
            }
        }
        return names;
    }

    private int nameLengthAt(String text, List<Found> words, int at) {
        int longest = 0;
        for (List<String> name : others) {
            if (name.size() > longest && at + name.size() <= words.size()) {
                boolean same = true;
                for (int i = 0; i < name.size() && same; i++) {
                    Found word = words.get(at + i);
                    same = folded(text.substring(word.start(), word.end())).equals(name.get(i));
                }
                longest = same ? name.size() : longest;
            }
        }
        return longest;
    }

    private static boolean startsSentence(String text, int at) {
        String before = text.substring(0, at).stripTrailing();
        return before.isEmpty() || ".!?\n".indexOf(before.charAt(before.length() - 1)) >= 0;
    }

    private static List<String> words(String name) {
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(name);
        while (matcher.find()) {
            words.add(folded(matcher.group()));
        }
        return List.copyOf(words);
    }

    private static String folded(String word) {
        return MARKS.matcher(Normalizer.normalize(word, Normalizer.Form.NFKD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
    }
}
