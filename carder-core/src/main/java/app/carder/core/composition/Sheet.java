package app.carder.core.composition;

/**
 * The paper and the type that words are set in.
 *
 * @param width between the margins, millimetres
 * @param height between the margins, millimetres
 * @param size of the letters, millimetres
 */
public record Sheet(double width, double height, double size) {

    /** A point of print, in millimetres. */
    private static final double POINT = 25.4 / 72;

    private static final double LINE = 1.5;
    private static final double GAP = 6;

    /** A4, letters of 11.5 points. */
    public static final Sheet A4 = new Sheet(170, 252, 11.5 * POINT);

    /** A5, letters of 10 points. */
    public static final Sheet A5 = new Sheet(118, 172, 10 * POINT);

    /** A4, letters of 18 points: large print begins at 16 (RNIB, from memory). */
    public static final Sheet LARGE = new Sheet(170, 252, 18 * POINT);

    /**
     * Checks that there is paper.
     *
     * @throws IllegalArgumentException if it is too small for a line of words
     */
    public Sheet {
        if (!(size > 0) || !(width > 10 * size) || !(height > 20 * size)) {
            throw new IllegalArgumentException(
                    "A sheet must have room for ten letters and ten lines of %.1f mm, got %.1f by %.1f mm."
                            .formatted(size, width, height));
        }
    }

    /** From one line to the next, millimetres. */
    public double line() {
        return size * LINE;
    }

    /** Between two that stand side by side, millimetres. */
    public double gap() {
        return GAP;
    }

    /** The width of each of two side by side, millimetres. */
    public double half() {
        return (width - GAP) / 2;
    }

    /**
     * How high a text stands, millimetres; 0 for none.
     *
     * @param text measured
     * @param across how wide it may be, millimetres
     */
    double height(TextWidth text, double across) {
        return height(text, across, size);
    }

    /** The same in letters of another size, millimetres. */
    double height(TextWidth text, double across, double letters) {
        return text.lines(across / letters) * letters * LINE;
    }
}
