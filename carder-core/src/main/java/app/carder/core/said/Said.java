package app.carder.core.said;

import java.util.Arrays;
import java.util.List;

/**
 * Something that is said: a code of the {@link Catalogue} and what it is said about. The words come from the catalogue, so that the same
 * thing can be said in another language.
 *
 * @param code of the catalogue
 * @param arguments in the order of the catalogue's words: texts, numbers, or something said in its turn
 */
public record Said(String code, List<Object> arguments) {

    /** Words that somebody typed: they are said as they are, in every language. */
    static final String AS_TYPED = "as-typed";

    /** Several things, one after the other, with commas between them. */
    static final String ONE_AFTER_THE_OTHER = "one-after-the-other";

    /** In small letters, within a sentence. */
    static final String IN_SMALL_LETTERS = "in-small-letters";

    /** Keeps its own copy. */
    public Said {
        arguments = List.copyOf(arguments);
    }

    /** By its code. */
    public static Said of(String code, Object... arguments) {
        return new Said(code, Arrays.asList(arguments));
    }

    /** The words of a code, at once. */
    public static String say(String code, Object... arguments) {
        return of(code, arguments).words();
    }

    /** What somebody typed. */
    public static Said typed(String words) {
        return of(AS_TYPED, words);
    }

    /** Nothing. */
    public static Said nothing() {
        return typed("");
    }

    /** Several things, with commas between them. */
    public static Said oneAfterTheOther(List<?> things) {
        return new Said(ONE_AFTER_THE_OTHER, List.copyOf(things));
    }

    /** The same within a sentence. */
    public Said inSmallLetters() {
        return of(IN_SMALL_LETTERS, this);
    }

    /** The same about something else; what was typed stays as it is. */
    public Said about(Object... others) {
        return code.equals(AS_TYPED) ? this : of(code, others);
    }

    /** In the words of whoever is answered: {@link Catalogue#spoken()}. */
    public String words() {
        return Catalogue.spoken().say(this);
    }

    /** The words, so that no page ever shows a code. */
    @Override
    public String toString() {
        return words();
    }
}
