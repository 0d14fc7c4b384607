package app.carder.core.journal;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Style;
import java.util.Optional;

/** A symbol for each part of a journal, for who reads pictures more easily than words; our own drawings. */
public final class PartSymbol {

    private static final double SIDE = 24;

    private PartSymbol() {}

    /** Draws; absent for the cover. */
    public static Optional<Sketch> of(Part part) {
        Sketch.Sheet sheet = new Sketch.Sheet();
        switch (part) {
            case GREETING -> {
                return Optional.empty();
            }
            case STRENGTHS ->
                sheet.shape(Style.FILL, 12, 2, 15, 9, 22, 9, 16.5, 14, 18.5, 22, 12, 17, 5.5, 22, 7.5, 14, 2, 9, 9, 9);
            case BUSY_WITH ->
                sheet.box(3, 14, 8, 8, Style.FILL)
                        .box(13, 14, 8, 8, Style.FILL_2)
                        .box(8, 5, 8, 8, Style.FILL_3);
            case THEN_AND_NOW ->
                sheet.round(5, 17, 3, Style.FILL)
                        .line(9, 12, 13, 12, Style.WALL)
                        .shape(Style.FILL_2, 13, 10, 16, 12, 13, 14)
                        .round(18, 14, 5.5, Style.FILL);
            case OWN_WORDS -> sheet.shape(Style.FILL_2, 2, 4, 22, 4, 22, 16, 12, 16, 6, 22, 7, 16, 2, 16);
            case MEASURED -> {
                sheet.box(2, 8, 20, 8, Style.FILL);
                for (int at = 1; at < 7; at++) {
                    sheet.line(2 + at * 2.86, 8, 2 + at * 2.86, at % 2 == 0 ? 13 : 11, Style.WALL);
                }
            }
            case OVER_TIME ->
                sheet.round(5, 18, 1.8, Style.FILL_3)
                        .round(11, 15, 3, Style.FILL_3)
                        .round(18, 10, 4.5, Style.FILL_3);
            case TALKED_OVER ->
                sheet.round(6, 14, 3.6, Style.FILL)
                        .round(18, 14, 3.6, Style.FILL_2)
                        .line(9, 7, 15, 7, Style.WALL)
                        .line(6, 18, 6, 23, Style.WALL)
                        .line(18, 18, 18, 23, Style.WALL);
            case NEXT_STEPS ->
                sheet.box(2, 18, 6, 4, Style.FILL_3)
                        .box(9, 13, 6, 9, Style.FILL_3)
                        .box(16, 8, 6, 14, Style.FILL_3)
                        .shape(Style.FILL, 19, 1, 22, 6, 16, 6);
            case AT_HOME -> house(sheet);
            case FROM_HOME -> {
                house(sheet);
                sheet.box(13, 14, 10, 7, Style.FILL_2)
                        .line(13, 14, 18, 18, Style.WALL)
                        .line(23, 14, 18, 18, Style.WALL);
            }
        }
        return Optional.of(sheet.done(SIDE, SIDE, part.words(), part.words()));
    }

    private static void house(Sketch.Sheet sheet) {
        sheet.shape(Style.FILL, 12, 2, 22, 11, 2, 11)
                .box(5, 11, 14, 11, Style.FILL_3)
                .box(10, 15, 4, 7, Style.FILL_2);
    }
}
