package app.carder.core.room;

import app.carder.core.said.Refused;

/**
 * A place on the plan.
 *
 * @param xMm millimetres to the right, 0 to 60,000
 * @param yMm millimetres down, 0 to 60,000
 */
public record Point(int xMm, int yMm) {

    /** The farthest coordinate: 60 m, more than any room or garden needs. */
    public static final int FARTHEST_MM = 60_000;

    /**
     * Refuses places off the sheet.
     *
     * @throws IllegalArgumentException if a coordinate is outside 0 to 60,000 mm
     */
    public Point {
        if (xMm < 0 || yMm < 0 || xMm > FARTHEST_MM || yMm > FARTHEST_MM) {
            throw Refused.because("refused.point.place-must-lie", xMm, yMm);
        }
    }
}
