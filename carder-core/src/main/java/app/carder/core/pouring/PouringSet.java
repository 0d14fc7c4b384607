package app.carder.core.pouring;

import app.carder.core.batch.Spoonfuls;
import app.carder.core.calculation.Calculation;
import app.carder.core.drawing.Handle;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Pull;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Volume;
import app.carder.core.pouring.PouringLadder.Named;
import app.carder.core.pouring.PouringLadder.PouringStep;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One set for one step.
 *
 * @param step of the ladder
 * @param from the jug
 * @param into the cups, the jug or the bottle
 * @param fill to measure out into the jug
 * @param mass of it
 * @param spoonfuls of it in cups and spoons
 * @param each what goes into each of them
 * @param remainder that stays in the jug
 * @param line where there is one
 * @param note what else to get ready
 * @param calculation how it was found
 */
public record PouringSet(
        PouringStep step,
        Named from,
        List<Named> into,
        Volume fill,
        Mass mass,
        Spoonfuls spoonfuls,
        List<Volume> each,
        Volume remainder,
        Optional<LineStrip> line,
        String note,
        Calculation calculation) {

    /** Millilitres from stop to stop of a line that is pulled: the finest that gives no more stops than a hand can tell apart. */
    private static final List<Double> LINE_STEPS = List.of(5.0, 10.0, 25.0, 50.0, 100.0, 250.0, 500.0, 1000.0);

    private static final int MOST_STOPS = 60;

    /** Keeps its own copies. */
    public PouringSet {
        into = List.copyOf(into);
        each = List.copyOf(each);
    }

    /** The vessels in section, side by side, with what is in them at the end. */
    public Sketch sketch() {
        Sheet sheet = new Sheet();
        double deepest = from.vessel().depth().inMillimetres();
        for (Named cup : into) {
            deepest = Math.max(deepest, cup.vessel().depth().inMillimetres());
        }
        double x = stand(sheet, from, remainder, 10, deepest);
        for (int at = 0; at < into.size(); at++) {
            x = stand(sheet, into.get(at), each.get(at), x, deepest);
        }
        return sheet.done(
                x,
                deepest + 30,
                step.words(),
                Said.say(
                        "working.at-the-end-in-stays",
                        each.get(0).forPeople(),
                        into.get(0).name(),
                        remainder.forPeople()));
    }

    /** Where the line of the first vessel can be pulled to: in even steps, as far as it holds, and below all that is poured. */
    public Pull linePull() {
        Vessel vessel = into.get(0).vessel();
        double deepest =
                Math.max(from.vessel().depth().inMillimetres(), vessel.depth().inMillimetres());
        double x = 10 + rim(from.vessel()) + 20 + rim(vessel);
        double floor = deepest + 10;
        double most = Math.min(vessel.capacity().inMillilitres(), Math.nextDown(fill.inMillilitres()));
        double step = LINE_STEPS.stream()
                .filter(one -> most / one <= MOST_STOPS)
                .findFirst()
                .orElse(LINE_STEPS.get(LINE_STEPS.size() - 1));
        List<Handle.Stop> stops = new ArrayList<>();
        for (double millilitres = step; millilitres <= most; millilitres += step) {
            Length height = vessel.depthFor(Volume.ofMillilitres(millilitres));
            stops.add(new Handle.Stop(String.valueOf(Math.round(millilitres)), x, floor - height.inMillimetres()));
        }
        return new Pull(stops, x, floor - vessel.depthFor(each.get(0)).inMillimetres());
    }

    private static double rim(Vessel vessel) {
        return Math.max(
                vessel.widthAt(vessel.depth()).inMillimetres(),
                vessel.widthAt(Length.ZERO).inMillimetres());
    }

    private static double stand(Sheet sheet, Named named, Volume held, double x, double deepest) {
        Vessel vessel = named.vessel();
        double floor = deepest + 10;
        double rim = rim(vessel);
        double middle = x + rim / 2;
        Length level = vessel.depthFor(held);
        slice(sheet, vessel, middle, floor, level, Style.FILL);
        slice(sheet, vessel, middle, floor, vessel.depth(), Style.WALL);
        sheet.label(middle, floor + 12, 9, named.name());
        return x + rim + 20;
    }

    private static void slice(Sheet sheet, Vessel vessel, double middle, double floor, Length to, Style style) {
        double low = vessel.widthAt(Length.ZERO).inMillimetres() / 2;
        double high = vessel.widthAt(to).inMillimetres() / 2;
        double top = floor - to.inMillimetres();
        sheet.shape(style, middle - high, top, middle - low, floor, middle + low, floor, middle + high, top);
    }
}
