package app.carder.core.composition;

import java.util.List;

/**
 * An element, or a part of a long one, at its place.
 *
 * @param id of the element
 * @param layout how it stands
 * @param half whether it takes half of the width, beside another
 * @param part 0 for an element or the beginning of one; its pictures and its date stand there
 * @param words that stand here, as the element has them
 * @param height millimetres, rounded up
 */
public record Block(String id, Layout layout, boolean half, int part, List<String> words, int height) {

    /** Keeps its own copy. */
    public Block {
        words = List.copyOf(words);
    }
}
