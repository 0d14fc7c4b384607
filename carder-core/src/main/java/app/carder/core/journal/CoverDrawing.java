package app.carder.core.journal;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.said.Said;
import java.util.List;

/** The band on the cover of a journal: by its shape one tells what the journal is for, in black and white too. */
public final class CoverDrawing {

    private static final double WIDTH = 340;
    private static final double HEIGHT = 48;
    private static final double GROUND = 42;
    private static final int DAYS = 5;
    private static final int STEPS = 7;
    private static final double BALL = 4;
    private static final int STONES = 8;
    private static final int FRAMES = 5;

    private CoverDrawing() {}

    /**
     * Draws.
     *
     * @param purpose of the journal
     * @param covered for each area of the framework, in order, whether the journal touches it
     */
    public static Sketch of(Purpose purpose, List<Boolean> covered) {
        Sketch.Sheet sheet = new Sketch.Sheet();
        switch (purpose) {
            case TERM -> edge(sheet, covered);
            case WEEK -> week(sheet);
            case PROJECT -> plant(sheet);
            case SKILL -> steps(sheet);
            case LEAVING -> way(sheet);
            case DISPLAY -> frames(sheet);
        }
        String words = Said.say("journal-cover." + purpose.name());
        return sheet.done(WIDTH, HEIGHT, words, words);
    }

    /** The edge of a card: a notch for each area that is told of, a hole for each that is not. */
    private static void edge(Sketch.Sheet sheet, List<Boolean> covered) {
        double step = Math.min(44, (WIDTH - 20) / Math.max(1, covered.size()));
        sheet.line(0, 6, WIDTH, 6, Style.WALL);
        for (int at = 0; at < covered.size(); at++) {
            double x = 22 + at * step;
            if (covered.get(at)) {
                sheet.shape(Style.FILL_3, x - 9, 6, x - 9, 30, x - 5, 36, x + 5, 36, x + 9, 30, x + 9, 6);
            } else {
                sheet.round(x, 24, 8, Style.OUTLINE);
            }
        }
    }

    /** The days of a week, one higher than the other, as blocks on a board. */
    private static void week(Sketch.Sheet sheet) {
        double[] high = {18, 26, 14, 30, 22};
        sheet.line(0, GROUND, WIDTH, GROUND, Style.WALL);
        for (int day = 0; day < DAYS; day++) {
            double x = 14 + day * 64;
            sheet.box(x, GROUND - high[day], 24, high[day], Style.fill(day));
            sheet.box(
                    x + 26,
                    GROUND - high[(day + 2) % DAYS] * 0.7,
                    24,
                    high[(day + 2) % DAYS] * 0.7,
                    Style.fill(day + 1));
        }
    }

    /** Something that grows from look to look. */
    private static void plant(Sketch.Sheet sheet) {
        sheet.line(0, GROUND, WIDTH, GROUND, Style.WALL);
        for (int at = 0; at < STEPS; at++) {
            double x = 24 + at * 46;
            double high = 3 + at * 5.2;
            sheet.line(x, GROUND, x, GROUND - high, Style.WALL);
            for (int leaf = 1; leaf * 9 <= high; leaf++) {
                double y = GROUND - leaf * 9;
                double way = leaf % 2 == 0 ? -1 : 1;
                sheet.shape(Style.FILL, x, y, x + way * 7, y - 5, x + way * 13, y - 1, x + way * 6, y + 2);
            }
            sheet.round(x, GROUND + 2, 3, Style.FILL_2);
        }
    }

    /** Stairs, and a ball that is at the foot and at the top. */
    private static void steps(Sketch.Sheet sheet) {
        double wide = WIDTH / STEPS;
        for (int at = 0; at < STEPS; at++) {
            sheet.box(at * wide, GROUND - stair(at), wide, stair(at), Style.fill(at));
        }
        sheet.round(wide * 0.5, GROUND - stair(0) - BALL, BALL, Style.ACCENT);
        sheet.round(wide * (STEPS - 0.5), GROUND - stair(STEPS - 1) - BALL, BALL, Style.ACCENT);
    }

    private static double stair(int at) {
        return 5 + at * 4.3;
    }

    /** Stepping stones to an open gate. */
    private static void way(Sketch.Sheet sheet) {
        for (int at = 0; at < STONES; at++) {
            sheet.round(16 + at * 32, 34 + (at % 2 == 0 ? 3 : -5), 7 + at % 3, Style.fill(at));
        }
        sheet.box(WIDTH - 62, 6, 7, GROUND - 6, Style.FILL);
        sheet.box(WIDTH - 19, 6, 7, GROUND - 6, Style.FILL);
        sheet.line(WIDTH - 62, 6, WIDTH - 12, 6, Style.WALL);
        sheet.line(0, GROUND + 3, WIDTH, GROUND + 3, Style.OUTLINE);
    }

    /** Frames on a wall. */
    private static void frames(Sketch.Sheet sheet) {
        for (int at = 0; at < FRAMES; at++) {
            double x = 10 + at * 66;
            double y = at % 2 == 0 ? 4 : 12;
            sheet.box(x, y, 48, 32, Style.WALL);
            sheet.box(x + 5, y + 5, 38, 22, Style.fill(at));
        }
    }
}
