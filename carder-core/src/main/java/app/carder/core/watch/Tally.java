package app.carder.core.watch;

import java.util.Collection;

/**
 * A tally: single strokes, and strokes that were taken away again.
 *
 * @param count what they come to
 */
public record Tally(int count) {

    /** Adds up strokes, each so many more or, below zero, fewer. */
    public static Tally of(Collection<Integer> strokes) {
        return new Tally(strokes.stream().mapToInt(Integer::intValue).sum());
    }
}
