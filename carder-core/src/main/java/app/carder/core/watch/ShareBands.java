package app.carder.core.watch;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.said.Said;
import app.carder.core.statistics.Wilson;
import java.util.List;

/**
 * Shares of looks as bands, one below the other: as long as the share, with a rule over where it lies in the long run. The whole width is
 * all looks.
 */
public final class ShareBands {

    private static final double WIDE = 300;
    private static final double ROW = 34;
    private static final double LETTER = 12;
    private static final double BAND = 12;
    private static final double TICK = 4;

    private ShareBands() {}

    /**
     * One band.
     *
     * @param name of what was seen
     * @param share how often, with its interval
     */
    public record Band(String name, Wilson share) {}

    /**
     * Draws bands in the order that they come in.
     *
     * @param title of the drawing
     */
    public static Sketch of(String title, List<Band> bands) {
        Sheet sheet = new Sheet();
        double y = 0;
        for (Band band : bands) {
            String words = Said.say(
                    "working.share-of", band.name(), Math.round(band.share().share() * 100));
            sheet.label(Sketch.breadth(words, LETTER) / 2, y + LETTER, LETTER, words);
            double top = y + LETTER + 4;
            sheet.box(0, top, WIDE, BAND, Style.OUTLINE);
            sheet.box(0, top, WIDE * band.share().share(), BAND, Style.FILL);
            double middle = top + BAND / 2;
            double low = WIDE * band.share().low();
            double high = WIDE * band.share().high();
            sheet.line(low, middle, high, middle, Style.WALL);
            sheet.line(low, middle - TICK, low, middle + TICK, Style.WALL);
            sheet.line(high, middle - TICK, high, middle + TICK, Style.WALL);
            y += ROW;
        }
        return sheet.done(
                WIDE,
                Math.max(ROW, y),
                title,
                String.join(
                        "; ",
                        bands.stream()
                                .map(band -> Said.say(
                                        "working.share-between",
                                        band.name(),
                                        Math.round(band.share().share() * 100),
                                        Math.round(band.share().low() * 100),
                                        Math.round(band.share().high() * 100)))
                                .toList()));
    }
}
