package app.carder.core.composition;

import java.util.List;
import java.util.Optional;

/**
 * One thing that is told, before it has a place.
 *
 * @param id its own
 * @param kind what it is
 * @param words all its words, in the order in which they are read: of a pair those of then and those of now, otherwise one text
 * @param pictures how many pictures it may show
 * @param wished the layout that somebody chose for it; absent where that is left to the composition
 */
public record Element(String id, Kind kind, List<String> words, int pictures, Optional<Layout> wished) {

    /** What is told. */
    public enum Kind {
        COVER,
        HEADING,
        ENTRY,
        PAIR,
        CHART,
        PICTURES,
        QUOTE,
        BOX
    }

    /**
     * Keeps its own copy.
     *
     * @throws IllegalArgumentException if the words do not fit the kind, or there are fewer pictures than none
     */
    public Element {
        words = List.copyOf(words);
        if (words.size() != (kind == Kind.PAIR ? 2 : 1)) {
            throw new IllegalArgumentException("%s cannot have %d texts.".formatted(kind, words.size()));
        }
        if (pictures < 0) {
            throw new IllegalArgumentException("Pictures must be 0 or more, got %d.".formatted(pictures));
        }
    }

    /** The cover, with the words to begin with. */
    public static Element cover(String id, String words) {
        return new Element(id, Kind.COVER, List.of(words), 0, Optional.empty());
    }

    /** A heading, which stays with what follows. */
    public static Element heading(String id, String words) {
        return new Element(id, Kind.HEADING, List.of(words), 0, Optional.empty());
    }

    /** What was seen, with its pictures. */
    public static Element entry(String id, String words, int pictures) {
        return new Element(id, Kind.ENTRY, List.of(words), pictures, Optional.empty());
    }

    /** Two records side by side. */
    public static Element pair(String id, String then, String now, int pictures) {
        return new Element(id, Kind.PAIR, List.of(then, now), pictures, Optional.empty());
    }

    /** A drawing of figures with a line of words. */
    public static Element chart(String id, String words) {
        return new Element(id, Kind.CHART, List.of(words), 0, Optional.empty());
    }

    /** A row of pictures without words. */
    public static Element pictures(String id, int pictures) {
        return new Element(id, Kind.PICTURES, List.of(""), pictures, Optional.empty());
    }

    /** What the child said. */
    public static Element quote(String id, String words) {
        return new Element(id, Kind.QUOTE, List.of(words), 0, Optional.empty());
    }

    /** Words in a box of their own. */
    public static Element box(String id, String words) {
        return new Element(id, Kind.BOX, List.of(words), 0, Optional.empty());
    }

    /** The same in a layout that somebody chose. */
    public Element as(Layout layout) {
        return new Element(id, kind, words, pictures, Optional.of(layout));
    }

    /** The layouts that it can stand in at all, those that suit it best first. */
    public List<Layout> layouts() {
        return switch (kind) {
            case COVER -> List.of(Layout.COVER);
            case HEADING -> List.of(Layout.HEADING);
            case PAIR -> List.of(Layout.PAIR);
            case CHART -> List.of(Layout.CHART);
            case PICTURES -> List.of(Layout.STRIP);
            case QUOTE -> List.of(Layout.QUOTE);
            case BOX -> List.of(Layout.BOX);
            case ENTRY ->
                switch (pictures) {
                    case 0 -> List.of(Layout.WORDS_LED);
                    case 1 -> List.of(Layout.PHOTO_LED, Layout.WORDS_LED, Layout.FULL_PAGE);
                    default -> List.of(Layout.STRIP, Layout.PHOTO_LED, Layout.WORDS_LED, Layout.FULL_PAGE);
                };
        };
    }
}
