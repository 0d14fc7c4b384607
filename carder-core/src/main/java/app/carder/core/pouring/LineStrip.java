package app.carder.core.pouring;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;

/**
 * A paper strip that marks a line on a vessel at true size, to lay against the wall from the floor up. Where the wall leans, the
 * way along it is longer than the height: {@code s = h sqrt(1 + k^2)} with the lean {@code k = (R - r) / H}. The thickness of the
 * floor is not in it: lay the strip against the inside, or start it at the height of the inner floor.
 *
 * @param height of the line above the inner floor
 * @param alongWall from the floor along the wall to the line
 * @param wall whole length of the wall
 */
public record LineStrip(Length height, Length alongWall, Length wall) {

    /** The strip for a line. */
    public static LineStrip of(Vessel vessel, Length height) {
        double lean = (vessel.widthAt(vessel.depth()).inMillimetres()
                        - vessel.widthAt(Length.ZERO).inMillimetres())
                / 2
                / vessel.depth().inMillimetres();
        double stretch = Math.hypot(1, lean);
        return new LineStrip(height, height.scaledBy(stretch), vessel.depth().scaledBy(stretch));
    }

    /** At true size: one millimetre is one millimetre. */
    public Sketch sketch() {
        double length = wall.inMillimetres();
        double line = 10 + length - alongWall.inMillimetres();
        Sheet sheet = new Sheet().box(10, 10, 30, length, Style.OUTLINE);
        for (int millimetre = 0; millimetre <= length; millimetre += 10) {
            sheet.line(
                    10,
                    10 + length - millimetre,
                    millimetre % 50 == 0 ? 18 : 14,
                    10 + length - millimetre,
                    Style.OUTLINE);
        }
        return sheet.line(10, line, 40, line, Style.ACCENT)
                .label(27, line - 2, 4, alongWall.forPeople())
                .label(25, 8 + length, 4, Said.say("working.floor"))
                .done(
                        50,
                        length + 20,
                        Said.say("working.strip-for-the-line-true-size"),
                        Said.say("working.the-line-is-mm-from-the", alongWall.inMillimetres()));
    }
}
