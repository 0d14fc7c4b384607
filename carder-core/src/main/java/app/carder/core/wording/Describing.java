package app.carder.core.wording;

import app.carder.core.said.Said;
import app.carder.core.wording.LanguageRules.Reason;
import app.carder.core.wording.LanguageRules.WordRule;
import app.carder.core.wording.Phrases.Place;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Marks words that judge, guess or stay vague, and offers a way to describe instead. It never changes the text, and
 * never stands in the way of keeping it: the rule of thumb is whether a camera could have shown it (teaching of
 * observation, common practice). What children said, in quotation marks, is left alone; a word for a feeling is left
 * alone where the same sentence tells what was seen.
 */
public final class Describing {

    private static final Pattern QUOTED =
            Pattern.compile("“[^“”]*”|„[^„“”]*[“”]|«[^«»]*»|\"[^\"]*\"|(?<!\\p{L})‘[^‘’]*’(?!\\p{L})");
    private static final Pattern SENTENCE = Pattern.compile("[^.!?\\n]+");

    private final Phrases<WordRule> watched;
    private final Phrases<String> signs;
    private final Phrases<String> exceptions;

    /**
     * A place in a text to look at twice.
     *
     * @param start first character
     * @param end behind the last
     * @param words as they stand there
     * @param reason why, for people
     * @param instead an example that describes; empty where leaving it out is best
     */
    public record Mark(int start, int end, String words, String reason, String instead) {}

    /** For texts in one language. */
    public Describing(LanguageRules language) {
        watched = new Phrases<>(language.watched(), WordRule::pattern);
        signs = new Phrases<>(language.signs(), sign -> sign);
        exceptions = new Phrases<>(language.exceptions(), exception -> exception);
    }

    /** The marks of a text, in its order; of two that overlap the longer one. */
    public List<Mark> marks(String text) {
        String open = blanked(text);
        List<Mark> found = new ArrayList<>();
        for (Place<WordRule> place : watched.in(open)) {
            if (place.what().reason() != Reason.FEELING || !isShown(open, place.start())) {
                found.add(new Mark(
                        place.start(),
                        place.end(),
                        text.substring(place.start(), place.end()),
                        place.what().reason().words(),
                        place.what().instead()));
            }
        }
        return withoutOverlaps(found);
    }

    /** The same, and the names of other children. */
    public List<Mark> marks(String text, String ownName, Collection<String> otherNames) {
        List<Mark> found = new ArrayList<>(marks(text));
        NameGuard guard = NameGuard.forChild(ownName, otherNames);
        for (NameGuard.Found name : guard.places(text)) {
            found.add(new Mark(
                    name.start(),
                    name.end(),
                    text.substring(name.start(), name.end()),
                    Said.say("working.name-of-another-child"),
                    "a friend"));
        }
        return withoutOverlaps(found);
    }

    private boolean isShown(String text, int at) {
        Matcher sentence = SENTENCE.matcher(text);
        while (sentence.find()) {
            if (sentence.start() <= at && at < sentence.end()) {
                return !signs.in(sentence.group()).isEmpty();
            }
        }
        return false;
    }

    private static List<Mark> withoutOverlaps(List<Mark> marks) {
        List<Mark> kept = new ArrayList<>();
        marks.stream()
                .sorted(Comparator.<Mark>comparingInt(mark -> mark.start() - mark.end()))
                .forEach(mark -> {
                    if (kept.stream().noneMatch(one -> one.start() < mark.end() && mark.start() < one.end())) {
                        kept.add(mark);
                    }
                });
        kept.sort(Comparator.comparingInt(Mark::start));
        return List.copyOf(kept);
    }

    /** The text in lower case with what stands in quotation marks, and what only sounds like a judgement, blanked, so that places stay the same. */
    private String blanked(String text) {
        StringBuilder open = new StringBuilder(text.toLowerCase(Locale.ROOT));
        // A letter whose lower case is longer would shift every place behind it.
        if (open.length() != text.length()) {
            open = new StringBuilder(text);
        }
        Matcher quoted = QUOTED.matcher(text);
        while (quoted.find()) {
            blank(open, quoted.start(), quoted.end());
        }
        // Curly and straight apostrophes count alike.
        for (int at = 0; at < open.length(); at++) {
            if (open.charAt(at) == '\u2019' || open.charAt(at) == '\u02bc') {
                open.setCharAt(at, '\'');
            }
        }
        for (Place<String> exception : exceptions.in(open.toString())) {
            blank(open, exception.start(), exception.end());
        }
        return open.toString();
    }

    private static void blank(StringBuilder open, int start, int end) {
        for (int at = start; at < end; at++) {
            open.setCharAt(at, ' ');
        }
    }
}
