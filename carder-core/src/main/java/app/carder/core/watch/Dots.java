package app.carder.core.watch;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import java.util.Optional;

/**
 * A count to look at: a dot for each, in groups of five, so that it is seen and need not be read. What was tried and not managed is pale.
 *
 * @param filled how many, 0 or more
 * @param of of how many, at least as many and at least 1
 */
public record Dots(int filled, int of) {

    /** More than these nobody counts by looking. */
    public static final int MOST = 50;

    private static final int GROUP = 5;
    private static final int IN_A_ROW = 25;
    private static final double STEP = 10;
    private static final double BETWEEN_GROUPS = 5;
    private static final double RADIUS = 4;

    /** A count; absent where it is none, or too many to look at. */
    public static Optional<Dots> of(int count) {
        return of(count, count);
    }

    /** So many of so many; absent where it is none, too many to look at, or more than all. */
    public static Optional<Dots> of(int filled, int of) {
        return of < 1 || of > MOST || filled < 0 || filled > of ? Optional.empty() : Optional.of(new Dots(filled, of));
    }

    /**
     * Draws them.
     *
     * @param words that say the same
     */
    public Sketch drawing(String words) {
        Sheet sheet = new Sheet();
        for (int at = 0; at < of; at++) {
            sheet.round(x(at % IN_A_ROW), y(at / IN_A_ROW), RADIUS, at < filled ? Style.ACCENT : Style.FILL);
        }
        return sheet.done(x(Math.min(of, IN_A_ROW) - 1) + STEP / 2, y((of - 1) / IN_A_ROW) + STEP / 2, words, words);
    }

    private static double x(int column) {
        return STEP / 2 + column * STEP + column / GROUP * BETWEEN_GROUPS;
    }

    private static double y(int row) {
        return STEP / 2 + row * STEP;
    }
}
