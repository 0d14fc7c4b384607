package app.carder.core.composition;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/** Parts of an element that is too long for a page: cut at the end of a sentence where that can be, between two words otherwise. */
final class Parts {

    private Parts() {}

    /** The element itself where it fits a page, or its parts in order, each of which does. */
    static List<Element> of(Element element, Sheet sheet) {
        if (fits(element, sheet)) {
            return List.of(element);
        }
        Element plain = new Element(
                element.id(),
                element.kind(),
                element.words(),
                element.pictures(),
                element.wished().filter(layout -> layout != Layout.FULL_PAGE));
        for (int parts = 1; ; parts++) {
            List<Element> cut = cut(plain, parts);
            if (cut.stream().allMatch(part -> fits(part, sheet)) || parts > longest(element)) {
                return cut;
            }
        }
    }

    private static int longest(Element element) {
        return element.words().stream().mapToInt(String::length).max().orElse(0);
    }

    private static boolean fits(Element element, Sheet sheet) {
        return Shape.of(element, sheet).stream().anyMatch(shape -> shape.height() <= Shape.room(sheet));
    }

    private static List<Element> cut(Element element, int parts) {
        List<List<String>> texts =
                element.words().stream().map(words -> shares(words, parts)).toList();
        return IntStream.range(0, parts)
                .mapToObj(part -> new Element(
                        element.id(),
                        element.kind(),
                        texts.stream().map(shares -> shares.get(part)).toList(),
                        part == 0 ? element.pictures() : 0,
                        part == 0 ? element.wished() : Optional.empty()))
                .toList();
    }

    /** A text in so many parts of about the same length; some are empty where it is too short. */
    static List<String> shares(String words, int parts) {
        List<String> shares = new ArrayList<>();
        int from = 0;
        for (int part = 1; part < parts; part++) {
            int wanted = from + (words.length() - from) / (parts - part + 1);
            int to = cutNear(words, from, wanted);
            shares.add(words.substring(from, to));
            from = to;
        }
        shares.add(words.substring(from));
        return shares;
    }

    /** The end of the sentence that is nearest, where it is near enough; otherwise the end of a word. */
    private static int cutNear(String words, int from, int wanted) {
        int near = Math.max(1, (wanted - from) / 4);
        int sentence = nearest(BreakIterator.getSentenceInstance(Locale.ROOT), words, wanted);
        if (Math.abs(sentence - wanted) <= near && sentence > from) {
            return sentence;
        }
        int word = nearest(BreakIterator.getLineInstance(Locale.ROOT), words, wanted);
        if (Math.abs(word - wanted) <= near && word > from) {
            return word;
        }
        int character = nearest(BreakIterator.getCharacterInstance(Locale.ROOT), words, wanted);
        return Math.max(from, character);
    }

    private static int nearest(BreakIterator places, String words, int wanted) {
        places.setText(words);
        int before = wanted <= 0 ? 0 : places.preceding(Math.min(words.length(), wanted + 1));
        int after = wanted >= words.length() ? words.length() : places.following(wanted);
        int earlier = Math.max(before, 0);
        int later = after == BreakIterator.DONE ? words.length() : after;
        return wanted - earlier <= later - wanted ? earlier : later;
    }
}
