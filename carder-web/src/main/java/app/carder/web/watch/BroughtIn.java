package app.carder.web.watch;

import app.carder.core.enrolment.EarlierNotes.Note;
import app.carder.core.enrolment.Enrolment.Fault;
import app.carder.web.children.ChildView;
import java.util.List;

/**
 * Notes from earlier records, as they would be brought in.
 *
 * @param lines that can be
 * @param faults of the others
 * @param known how many of the lines are there already
 * @param source all that was sent, to be sent again
 */
record BroughtIn(List<Line> lines, List<Fault> faults, int known, String source) {

    /**
     * A note with the children whom it is about.
     *
     * @param note as it was written
     * @param children of the room
     * @param isKnown whether it was brought in before
     */
    record Line(Note note, List<ChildView> children, boolean isKnown) {}

    /** How many are new. */
    public int fresh() {
        return lines.size() - known;
    }
}
