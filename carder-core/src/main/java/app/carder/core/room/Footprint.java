package app.carder.core.room;

import app.carder.core.said.Refused;

/**
 * A rectangle on the floor, turned about its middle.
 *
 * @param middle of it
 * @param widthMm along its own x, 20 to 30,000 mm
 * @param depthMm along its own y, 20 to 30,000 mm
 * @param turnDegrees clockwise as seen from above, 0 to 359
 */
public record Footprint(Point middle, int widthMm, int depthMm, int turnDegrees) {

    private static final int SMALLEST_MM = 20;
    private static final int LARGEST_MM = 30_000;

    /**
     * Refuses what is no rectangle.
     *
     * @throws IllegalArgumentException if a side is outside 20 to 30,000 mm or the turn outside 0 to 359 degrees
     */
    public Footprint {
        if (Math.min(widthMm, depthMm) < SMALLEST_MM || Math.max(widthMm, depthMm) > LARGEST_MM) {
            throw Refused.because("refused.footprint.sides-must-be", widthMm, depthMm);
        }
        if (turnDegrees < 0 || turnDegrees > 359) {
            throw Refused.because("refused.footprint.turn-must-be", turnDegrees);
        }
    }

    /** {@code of(1000, 2000, 1200, 600, 0)} is a table of 1.2 m by 0.6 m around (1 m, 2 m). */
    public static Footprint of(int xMm, int yMm, int widthMm, int depthMm, int turnDegrees) {
        return new Footprint(new Point(xMm, yMm), widthMm, depthMm, turnDegrees);
    }
}
