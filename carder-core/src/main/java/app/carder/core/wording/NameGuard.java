package app.carder.core.wording;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;

/**
 * Keeps other children's names out of what one family reads. The child's own names never count. It errs on the side of finding a name:
 * a word that is also a child's name must be written another way.
 *
 * <p>A name counts, whatever its case, accents, look-alike letters and invisible characters:
 *
 * <ul>
 *   <li>where it stands as a word or as words in a row, joined or split in another way ({@code ONeil}, {@code Anne-Marie}, {@code
 *       Annemarie}), with or without a possessive ending, with or without an apostrophe
 *   <li>each part of a name of several words that has three letters or more ({@code Mary} of {@code Mary Ann})
 *   <li>inside a joined word, where the rest of the word is made of other names or of an "and" ({@code BramundCosima}), or where a
 *       capital letter begins it ({@code TeamBram})
 *   <li>anywhere in a script that puts no spaces between words
 * </ul>
 *
 * Whatever comes near a name without meeting these rules is told by {@link #near}, for the person who approves to decide.
 */
public final class NameGuard {

    private static final int SHORTEST_PART = 3;
    private static final int SHORTEST_NEAR = 4;
    private static final int MOST_WORDS = 4;
    private static final List<String> ENDINGS = List.of("s", "es");
    private static final List<String> JOINERS = List.of("and", "und", "et", "y", "i", "e", "og", "och", "en", "a");
    /** Parts of names that are everyday words: alone they are no name, and are shown as near. */
    private static final Set<String> EVERYDAY = Set.of(
            "the", "and", "she", "her", "his", "him", "you", "was", "has", "had", "for", "but", "not", "all", "can",
            "may", "one", "two", "our", "out", "with", "them", "they", "then", "von", "van", "der", "den", "des", "del",
            "las", "los", "bin", "abu");

    private static final List<String> NUMBERS =
            List.of("two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private final Set<String> own = new LinkedHashSet<>();
    /**
     * As they are compared, spaces and apostrophes left out, each with itself in Latin letters; the parts of names of several words beside
     * the whole.
     */
    private final Map<String, String> others = new LinkedHashMap<>();

    private final Set<String> unspaced = new LinkedHashSet<>();

    private NameGuard(Collection<String> ownNames, Collection<String> otherNames) {
        ownNames.forEach(name -> own.addAll(forms(name)));
        for (String name : otherNames) {
            for (String form : forms(name)) {
                if (!own.contains(form)) {
                    if (Folding.isUnspaced(form)) {
                        unspaced.add(form);
                    } else {
                        others.put(form, Folding.inLatin(form));
                    }
                }
            }
        }
    }

    /**
     * A guard for one child.
     *
     * @param ownName the child's first name
     * @param otherNames names of the other children of the setting
     */
    public static NameGuard forChild(String ownName, Collection<String> otherNames) {
        return new NameGuard(List.of(ownName), otherNames);
    }

    /**
     * A guard for one child.
     *
     * @param ownNames first name, nicknames and family name of the child
     * @param otherNames the same of the other children of the setting
     */
    public static NameGuard forChild(Collection<String> ownNames, Collection<String> otherNames) {
        return new NameGuard(ownNames, otherNames);
    }

    /** The other children's names that stand in the text, as written there, each once. */
    public List<String> namesIn(String text) {
        return asWritten(text, places(text));
    }

    private static List<String> asWritten(String text, List<Found> names) {
        Set<String> found = new LinkedHashSet<>();
        for (Found name : names) {
            found.add(text.substring(name.start(), name.end()));
        }
        return List.copyOf(found);
    }

    /**
     * What a text holds.
     *
     * @param names as {@link #namesIn} tells them
     * @param near as {@link #near} tells them
     */
    public record Reading(List<String> names, List<Near> near) {}

    /** Both at once, for half of the work. */
    public Reading read(String text) {
        List<Token> tokens = tokens(text);
        List<Found> names = places(text, tokens);
        return new Reading(asWritten(text, names), near(text, tokens, names));
    }

    /**
     * The text with "a friend" in the place of each name, and "two friends" in the place of two in a row; at the start of a sentence
     * with a capital.
     */
    public String withoutNames(String text) {
        return without(text, NameGuard::friends);
    }

    /** The same with "a child" and "two children": for what tells of nobody by name. */
    public String ofNobody(String text) {
        return without(text, NameGuard::children);
    }

    private String without(String text, IntFunction<String> who) {
        List<Found> names = places(text);
        StringBuilder kept = new StringBuilder();
        int from = 0;
        for (int at = 0; at < names.size(); ) {
            int row = 1;
            while (at + row < names.size() && isJoined(text, names.get(at + row - 1), names.get(at + row))) {
                row++;
            }
            Found first = names.get(at);
            Found last = names.get(at + row - 1);
            kept.append(text, from, first.start());
            if (first.start() > 0 && Character.isLetter(text.charAt(first.start() - 1)) && !isUnspacedAt(text, first)) {
                kept.append(' ');
            }
            String friends = who.apply(row) + (last.isPossessive() ? row == 1 ? "'s" : "'" : "");
            kept.append(
                    startsSentence(text, first.start())
                            ? Character.toUpperCase(friends.charAt(0)) + friends.substring(1)
                            : friends);
            from = last.end();
            if (row > 1 && (text.startsWith("'s", from) || text.startsWith("\u2019s", from))) {
                kept.append(text.charAt(from));
                from += 2;
            }
            at += row;
        }
        return kept.append(text.substring(from)).toString();
    }

    /** The text with another name in the place of each. */
    public String renamed(String text, String newName) {
        StringBuilder kept = new StringBuilder();
        int from = 0;
        for (Found name : places(text)) {
            kept.append(text, from, name.start()).append(newName).append(name.isPossessive() ? "'s" : "");
            from = name.end();
        }
        return kept.append(text.substring(from)).toString();
    }

    private static boolean isUnspacedAt(String text, Found name) {
        return Folding.isUnspaced(text.substring(name.start(), name.end()));
    }

    private static String friends(int children) {
        return children == 1 ? "a friend" : number(children) + " friends";
    }

    private static String children(int children) {
        return children == 1 ? "a child" : number(children) + " children";
    }

    private static String number(int children) {
        return children - 2 < NUMBERS.size() ? NUMBERS.get(children - 2) : Integer.toString(children);
    }

    /** Whether nothing but a comma or an "and" stands between two names, and the first is nobody's. */
    private static boolean isJoined(String text, Found one, Found next) {
        if (one.isPossessive() || next.start() < one.end()) {
            return false;
        }
        String between = text.substring(one.end(), next.start()).strip();
        return between.equals(",") || between.equals("&") || between.equals("and") || between.equals(", and");
    }

    /**
     * A place in a text.
     *
     * @param start first character
     * @param end behind the last
     * @param isPossessive whether an ending without an apostrophe belongs to it
     */
    record Found(int start, int end, boolean isPossessive) {}

    /**
     * Something that comes near a name.
     *
     * @param words as they stand in the text
     * @param name as it is compared
     */
    public record Near(String words, String name) {}

    /** Where other children's names stand, in order. */
    List<Found> places(String text) {
        return places(text, tokens(text));
    }

    private List<Found> places(String text, List<Token> tokens) {
        List<Found> names = new ArrayList<>();
        for (int at = 0; at < tokens.size(); ) {
            Token token = tokens.get(at);
            if (Folding.isUnspaced(token.folded())) {
                unspaced(token, names);
                at++;
                continue;
            }
            int taken = inARow(tokens, at, names);
            if (taken == 0) {
                inside(text, token, names);
                taken = 1;
            }
            at += taken;
        }
        return names;
    }

    /** Words that come near a name and are none by the rules: one letter off, a name inside, another script. Each once. */
    public List<Near> near(String text) {
        List<Token> tokens = tokens(text);
        return near(text, tokens, places(text, tokens));
    }

    private List<Near> near(String text, List<Token> tokens, List<Found> certain) {
        Set<Near> near = new LinkedHashSet<>();
        for (Token token : tokens) {
            boolean known = certain.stream().anyMatch(one -> one.start() < token.end() && token.start() < one.end());
            String word = token.folded();
            if (known || own.contains(word) || isOwnWithEnding(word)) {
                continue;
            }
            String latin = Folding.inLatin(word);
            others.entrySet().stream()
                    .filter(name -> isInAnotherScript(word, latin, name.getKey(), name.getValue())
                            || isNear(word, name.getKey()))
                    .findFirst()
                    .map(Map.Entry::getKey)
                    .ifPresent(name -> near.add(new Near(text.substring(token.start(), token.end()), name)));
        }
        return List.copyOf(near);
    }

    private boolean isOwnWithEnding(String word) {
        return ENDINGS.stream()
                .anyMatch(ending ->
                        word.endsWith(ending) && own.contains(word.substring(0, word.length() - ending.length())));
    }

    /** The same, but one of them is written in Latin letters and the other is not. */
    private static boolean isInAnotherScript(String word, String latinWord, String name, String latinName) {
        return latinWord.equals(latinName) && !latinWord.equals(word) != !latinName.equals(name);
    }

    private static boolean isNear(String word, String name) {
        if (name.length() < SHORTEST_NEAR || word.length() < SHORTEST_NEAR) {
            return false;
        }
        boolean begins = word.startsWith(name) && word.length() - name.length() <= 3;
        boolean short4 = name.startsWith(word) && word.length() >= SHORTEST_NEAR && name.length() - word.length() <= 4;
        return begins || short4 || name.length() > SHORTEST_NEAR && isOneApart(word, name);
    }

    /** One letter more, less, other, or two changed over. */
    private static boolean isOneApart(String word, String name) {
        if (Math.abs(word.length() - name.length()) > 1 || word.charAt(0) != name.charAt(0)) {
            return false;
        }
        int from = 0;
        while (from < Math.min(word.length(), name.length()) && word.charAt(from) == name.charAt(from)) {
            from++;
        }
        String wordRest = word.substring(from);
        String nameRest = name.substring(from);
        return wordRest.isEmpty() && nameRest.isEmpty()
                || !wordRest.isEmpty() && wordRest.substring(1).equals(nameRest)
                || !nameRest.isEmpty() && nameRest.substring(1).equals(wordRest)
                || !wordRest.isEmpty()
                        && !nameRest.isEmpty()
                        && wordRest.substring(1).equals(nameRest.substring(1))
                || wordRest.length() > 1
                        && nameRest.length() > 1
                        && wordRest.charAt(0) == nameRest.charAt(1)
                        && wordRest.charAt(1) == nameRest.charAt(0)
                        && wordRest.substring(2).equals(nameRest.substring(2));
    }

    /** A name that is a word, or several in a row; how many words it took. */
    private int inARow(List<Token> tokens, int at, List<Found> names) {
        int taken = 0;
        Found longest = null;
        StringBuilder joined = new StringBuilder();
        for (int many = 1; many <= MOST_WORDS && at + many <= tokens.size(); many++) {
            Token last = tokens.get(at + many - 1);
            if (many > 1 && !last.follows()) {
                break;
            }
            joined.append(last.folded());
            String word = joined.toString();
            boolean whole = others.containsKey(word) && !own.contains(word);
            String ending = whole ? "" : ending(word);
            if (many > 1
                    && !ending.isEmpty()
                    && last.hasApostrophe()
                    && last.folded().equals(ending)) {
                // "Bram's": the name is found already, and its ending stays.
                break;
            }
            if (whole || !ending.isEmpty()) {
                taken = many;
                longest = new Found(tokens.get(at).start(), last.end(), !whole && !last.hasApostrophe());
            }
        }
        if (longest != null) {
            names.add(longest);
        }
        return taken;
    }

    /** The possessive ending of a word that is a name without it; empty where it is none. */
    private String ending(String word) {
        return ENDINGS.stream()
                .filter(ending -> word.endsWith(ending)
                        && word.length() - ending.length() >= SHORTEST_PART
                        && others.containsKey(word.substring(0, word.length() - ending.length()))
                        && !own.contains(word.substring(0, word.length() - ending.length())))
                .findFirst()
                .orElse("");
    }

    /** A name inside a joined word: the rest are names too, or a capital letter begins it. */
    private void inside(String text, Token token, List<Found> names) {
        String word = token.folded();
        if (isMadeOfNames(word, 0, 0)) {
            names.add(new Found(token.start(), token.end(), false));
            return;
        }
        for (int start = token.start() + 1; start < token.end(); start++) {
            if (Character.isUpperCase(text.charAt(start)) && !Character.isUpperCase(text.charAt(start - 1))) {
                String rest = Folding.folded(text.substring(start, token.end()));
                if (others.containsKey(rest) || !ending(rest).isEmpty()) {
                    names.add(new Found(start, token.end(), !others.containsKey(rest)));
                    return;
                }
            }
        }
    }

    private boolean isMadeOfNames(String word, int from, int found) {
        if (from == word.length()) {
            return found > 1;
        }
        for (String name : others.keySet()) {
            if (name.length() >= SHORTEST_PART
                    && word.startsWith(name, from)
                    && isMadeOfNames(word, from + name.length(), found + 1)) {
                return true;
            }
        }
        for (String joiner : JOINERS) {
            if (found > 0 && word.startsWith(joiner, from) && isMadeOfNames(word, from + joiner.length(), found)) {
                return true;
            }
        }
        return false;
    }

    private void unspaced(Token token, List<Found> names) {
        String plain = token.raw();
        for (int start = 0; start < plain.length(); ) {
            int longest = 0;
            for (String name : unspaced) {
                for (int end = plain.length(); end > start + longest; end--) {
                    if (Folding.folded(plain.substring(start, end)).equals(name)) {
                        longest = end - start;
                        break;
                    }
                }
            }
            if (longest > 0) {
                names.add(new Found(token.start() + start, token.start() + start + longest, false));
            }
            start += Math.max(1, longest);
        }
    }

    /**
     * A word of a text.
     *
     * @param start first character
     * @param end behind the last
     * @param raw as it stands there
     * @param folded as it is compared
     * @param follows whether only spaces, a hyphen or an apostrophe stand between the word before and this one
     * @param hasApostrophe whether an apostrophe stands before it
     */
    private record Token(int start, int end, String raw, String folded, boolean follows, boolean hasApostrophe) {}

    private static List<Token> tokens(String text) {
        List<Token> tokens = new ArrayList<>();
        int before = 0;
        for (int at = 0; at < text.length(); ) {
            if (!isLetter(text, at)) {
                at++;
                continue;
            }
            int start = at;
            while (at < text.length() && (isLetter(text, at) || Folding.isInvisible(text.charAt(at)))) {
                at++;
            }
            int end = at;
            while (Folding.isInvisible(text.charAt(end - 1))) {
                end--;
            }
            String between = text.substring(before, start);
            String raw = text.substring(start, end);
            tokens.add(new Token(
                    start,
                    end,
                    raw,
                    Folding.folded(raw),
                    !tokens.isEmpty() && isThin(between),
                    between.endsWith("'") || between.endsWith("\u2019")));
            before = end;
        }
        return tokens;
    }

    private static boolean isLetter(String text, int at) {
        int letter = Character.codePointAt(text, at);
        if (Character.isLowSurrogate(text.charAt(at)) && at > 0) {
            letter = Character.codePointBefore(text, at + 1);
        }
        int type = Character.getType(letter);
        return Character.isLetter(letter)
                || type == Character.NON_SPACING_MARK
                || type == Character.COMBINING_SPACING_MARK;
    }

    private static boolean isThin(String between) {
        for (int at = 0; at < between.length(); at++) {
            char letter = between.charAt(at);
            boolean thin = letter == ' '
                    || letter == '\u00a0'
                    || letter == '-'
                    || letter == '\u2010'
                    || letter == '\u2011'
                    || letter == '\''
                    || letter == '\u2019'
                    || Folding.isInvisible(letter);
            if (!thin) {
                return false;
            }
        }
        return between.length() <= 2;
    }

    private static boolean startsSentence(String text, int at) {
        String before = text.substring(0, at).stripTrailing();
        return before.isEmpty() || ".!?\n".indexOf(before.charAt(before.length() - 1)) >= 0;
    }

    /** The whole name without its spaces, and each part of it that is long enough to be a name. */
    private static List<String> forms(String name) {
        List<Token> words = tokens(name);
        List<String> forms = new ArrayList<>();
        StringBuilder whole = new StringBuilder();
        for (Token word : words) {
            whole.append(word.folded());
            if (words.size() > 1
                    && (word.folded().length() >= SHORTEST_PART || Folding.isUnspaced(word.folded()))
                    && !EVERYDAY.contains(word.folded())) {
                forms.add(word.folded());
            }
        }
        if (whole.length() > 0) {
            forms.add(whole.toString());
        }
        return forms;
    }
}
