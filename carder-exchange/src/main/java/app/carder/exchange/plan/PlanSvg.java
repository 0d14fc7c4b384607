package app.carder.exchange.plan;

import app.carder.core.room.RoomPlan;
import app.carder.core.said.Refused;

/** A plan to SVG and back. */
public final class PlanSvg {

    /** The largest file that is read: 512 KiB, ten times a full plan. */
    public static final int LARGEST_CHARACTERS = 512 * 1024;

    static final int VERSION = 1;

    private PlanSvg() {}

    /**
     * Writes a plan; {@link #read} gives the same one.
     *
     * @param title of the drawing
     */
    public static String write(String title, RoomPlan plan) {
        return new PlanWriter(plan).write(title);
    }

    /**
     * Reads a plan.
     *
     * @throws IllegalArgumentException if it is none; the message says what is wrong, for people
     */
    public static RoomPlan read(String svg) {
        if (svg.length() > LARGEST_CHARACTERS) {
            throw Refused.because(
                    "refused.plan-svg.the-file-must", LARGEST_CHARACTERS / 1024, (svg.length() + 1023) / 1024);
        }
        return new PlanReader(svg).read();
    }
}
