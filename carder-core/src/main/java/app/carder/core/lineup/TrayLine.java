package app.carder.core.lineup;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.drawing.Handle;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Pull;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.measure.Length;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;

/**
 * Things on a tray in the order in which hands use them, from left to right; six of them around a midline, so that a hand or an
 * eye has to cross it.
 *
 * @param names in order
 * @param positions of their middles, from the left edge
 * @param midline middle of the tray
 * @param gap between two of them; zero where they do not fit
 * @param trayWidth inside
 * @param calculation how it was found
 */
public record TrayLine(
        List<String> names,
        List<Length> positions,
        Length midline,
        Length gap,
        Length trayWidth,
        Calculation calculation) {

    private static final int NARROWEST_CM = 10;
    private static final int WIDEST_CM = 300;

    /** Room for fingers between two things: 2 cm. Common practice. */
    private static final Length FINGERS = Length.ofCentimetres(2);

    /** Keeps its own copies. */
    public TrayLine {
        names = List.copyOf(names);
        positions = List.copyOf(positions);
    }

    /**
     * Spreads things evenly.
     *
     * @param names 1 to 12, left to right
     * @param each width of the widest of them
     * @param trayWidth inside
     * @throws IllegalArgumentException if there is nothing or too much to line up
     */
    public static TrayLine of(List<String> names, Length each, Length trayWidth) {
        if (names.isEmpty() || names.size() > 12) {
            throw Refused.because("refused.tray-line.things-in-the", names.size());
        }
        Length taken = each.multipliedBy(names.size());
        Length free = trayWidth.lessOrNothing(taken);
        Length gap = Length.ofMicrometres(free.micrometres() / (names.size() + 1));
        boolean fits = gap.compareTo(FINGERS) >= 0;
        List<Length> positions = new ArrayList<>();
        for (int at = 0; at < names.size(); at++) {
            positions.add(Length.ofMicrometres(
                    gap.micrometres() * (at + 1) + each.micrometres() * at + each.micrometres() / 2));
        }
        Calculation calculation = Calculation.asking(Said.say("working.where-does-each-thing-stand"))
                .given(Said.say("working.things"), Integer.toString(names.size()))
                .given(Said.say("working.each-at-most"), each.forPeople())
                .given(Said.say("working.tray"), trayWidth.forPeople())
                .step(
                        Said.say("working.gap-tray-things-width-things-1"),
                        "(" + trayWidth.forPeople() + " − " + taken.forPeople() + ") ÷ " + (names.size() + 1),
                        gap.forPeople())
                .step(
                        Said.say("working.midline-tray-2-left-of-it"),
                        names.size() + " ÷ 2",
                        Integer.toString(names.size() / 2))
                .from(Source.commonPractice(Said.of("source.left-to-right-room-for-fingers")))
                .close();
        return new TrayLine(
                names,
                positions,
                Length.ofMicrometres(trayWidth.micrometres() / 2),
                fits ? gap : Length.ZERO,
                trayWidth,
                calculation);
    }

    /** Whether there is room for fingers. */
    public boolean fits() {
        return !gap.isZero();
    }

    /** Where the right wall of the tray can be pulled to: in steps of 1 cm, up to twice its width. */
    public Pull widthPull() {
        double now = trayWidth.inMillimetres();
        double y = 5 + now / 8;
        List<Handle.Stop> stops = new ArrayList<>();
        for (int width = NARROWEST_CM; width <= Math.min(WIDEST_CM, Math.max(now / 5, NARROWEST_CM)); width++) {
            stops.add(new Handle.Stop(Integer.toString(width), 5 + width * 10.0, y));
        }
        return new Pull(stops, 5 + now, y);
    }

    /** The tray from above, in millimetres. */
    public Sketch sketch() {
        double width = trayWidth.inMillimetres();
        double high = width / 4;
        Sheet sheet = new Sheet()
                .box(5, 5, width, high, Style.WALL)
                .line(5 + midline.inMillimetres(), 5, 5 + midline.inMillimetres(), 5 + high, Style.GHOST);
        for (int at = 0; at < names.size(); at++) {
            double x = 5 + positions.get(at).inMillimetres();
            sheet.round(x, 5 + high / 2, width / 45, Style.FILL)
                    .label(x, 5 + high / 2 + width / 20 + (at % 2) * width / 35, width / 40, names.get(at));
        }
        return sheet.done(
                width + 10,
                high + 10,
                Said.say("working.the-tray-from-above"),
                Said.say("working.from-left-to-right", String.join(", ", names)));
    }
}
