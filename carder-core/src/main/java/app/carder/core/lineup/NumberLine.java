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
 * A number line or hop trail on the floor: marks at the step of the youngest, folded into rows where the zone is too short.
 *
 * <p>The spacing is the measured step or, where nobody measured, the usual one for the age: 30 cm at two, 5 cm more a year
 * (common practice; measure three steps and take a third). Half a metre is kept free at each end to stand, and between rows.
 *
 * @param marks how many
 * @param spacing from one to the next
 * @param total length of the line
 * @param rows in which it lies; 0 where it does not fit
 * @param perRow marks in a full row
 * @param zoneLength of the zone
 * @param zoneWidth of the zone
 * @param calculation how it was found
 */
public record NumberLine(
        int marks,
        Length spacing,
        Length total,
        int rows,
        int perRow,
        Length zoneLength,
        Length zoneWidth,
        Calculation calculation) {

    private static final int SHORTEST_CM = 50;
    private static final int LONGEST_CM = 5000;
    private static final int STEP_CM = 25;
    private static final Length FREE = Length.ofCentimetres(50);
    private static final Length AT_TWO = Length.ofCentimetres(30);
    private static final Length PER_YEAR = Length.ofCentimetres(5);

    /** The usual step at an age in completed months, 12 to 96. Common practice. */
    public static Length usualStep(int months) {
        if (months < 12 || months > 96) {
            throw Refused.because("refused.number-line.age-must-be", months);
        }
        return AT_TWO.scaledBy(1 + (months - 24) / 12.0 * PER_YEAR.dividedBy(AT_TWO));
    }

    /**
     * Lays out the line.
     *
     * @param marks 2 to 101
     * @param spacing more than nothing
     * @param zoneLength the longer way of the zone
     * @param zoneWidth the other way
     * @throws IllegalArgumentException if there are too few or too many marks, or the spacing is nothing
     */
    public static NumberLine of(int marks, Length spacing, Length zoneLength, Length zoneWidth) {
        if (marks < 2 || marks > 101) {
            throw Refused.because("refused.number-line.marks-must-be", marks);
        }
        if (spacing.isZero()) {
            throw Refused.because("refused.number-line.spacing-must-be");
        }
        Length total = spacing.multipliedBy(marks - 1L);
        Length usable = zoneLength.lessOrNothing(FREE.multipliedBy(2));
        int perRow = usable.isZero() ? 0 : (int) Math.min(marks, Math.floor(usable.dividedBy(spacing)) + 1);
        int rows = perRow == 0 ? 0 : (marks + perRow - 1) / perRow;
        int roomForRows = (int) Math.floor(zoneWidth.dividedBy(FREE));
        boolean fits = rows > 0 && rows <= roomForRows && (perRow >= 2 || marks == perRow);
        Calculation calculation = Calculation.asking(Said.say("working.does-it-fit-into-the-zone"))
                .given(Said.say("working.marks"), Integer.toString(marks))
                .given(Said.say("working.spacing"), spacing.forPeople())
                .given(Said.say("working.zone"), zoneLength.forPeople() + " × " + zoneWidth.forPeople())
                .step(
                        Said.say("working.length-marks-1-spacing"),
                        marks - 1 + " × " + spacing.forPeople(),
                        total.forPeople())
                .step(
                        Said.say("working.in-a-row-zone-2-50"),
                        usable.forPeople() + " ÷ " + spacing.forPeople() + " + 1",
                        Integer.toString(perRow))
                .step(
                        Said.say("working.rows-marks-in-a-row-rounded"),
                        marks + " ÷ " + perRow,
                        Said.say("working.of", rows, roomForRows))
                .from(Source.commonPractice(Said.of("source.usual-step-free-ends")))
                .close();
        return new NumberLine(marks, spacing, total, fits ? rows : 0, perRow, zoneLength, zoneWidth, calculation);
    }

    /** Whether it fits. */
    public boolean fits() {
        return rows > 0;
    }

    /** Where the end of the zone can be pulled to: in steps of 25 cm, up to twice its length. */
    public Pull lengthPull() {
        double now = zoneLength.inCentimetres();
        double y = 5 + zoneWidth.inCentimetres() / 2;
        List<Handle.Stop> stops = new ArrayList<>();
        for (int length = SHORTEST_CM;
                length <= Math.min(LONGEST_CM, Math.max(now * 2, SHORTEST_CM));
                length += STEP_CM) {
            stops.add(new Handle.Stop(Integer.toString(length), 5 + length, y));
        }
        return new Pull(stops, 5 + now, y);
    }

    /** The zone from above, in centimetres, with the marks; rows run there and back. */
    public Sketch sketch() {
        double length = zoneLength.inCentimetres();
        double width = zoneWidth.inCentimetres();
        Sheet sheet = new Sheet().box(5, 5, length, width, Style.WALL);
        double gap = width / (Math.max(1, rows) + 1);
        List<Double> last = new ArrayList<>();
        for (int mark = 0; mark < (fits() ? marks : 0); mark++) {
            int row = mark / perRow;
            int at = row % 2 == 0 ? mark % perRow : perRow - 1 - mark % perRow;
            double x = 5 + FREE.inCentimetres() + at * spacing.inCentimetres();
            double y = 5 + gap * (row + 1);
            if (!last.isEmpty()) {
                sheet.line(last.get(0), last.get(1), x, y, Style.GHOST);
            }
            last = List.of(x, y);
            sheet.round(x, y, 9, mark == 0 ? Style.ACCENT : Style.FILL);
            if (marks <= 25 || mark % 5 == 0) {
                sheet.label(x, y - 12, 12, Integer.toString(mark));
            }
        }
        return sheet.done(
                length + 10,
                width + 10,
                Said.say("working.the-line-in-the-zone-from"),
                fits()
                        ? Said.say("working.marks-apart-in-row", marks, spacing.forPeople(), rows)
                        : Said.say("working.it-does-not-fit"));
    }
}
