package app.carder.web.children;

import app.carder.core.enrolment.Column;
import app.carder.core.enrolment.DayOrder;
import app.carder.core.enrolment.Enrolled.CarerLine;
import app.carder.core.enrolment.Enrolment.Fault;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a table of children would do.
 *
 * @param heads of its columns
 * @param columns what each is about; empty where it is not read
 * @param order of day and month in its dates
 * @param dependsOnOrder whether a date could be read either way
 * @param lines that can be taken, in order
 * @param faults of the others
 * @param table all of it, to be sent again
 */
record EnrolmentView(
        List<String> heads,
        List<Optional<Column>> columns,
        DayOrder order,
        boolean dependsOnOrder,
        List<Line> lines,
        List<Fault> faults,
        String table) {

    /**
     * A child that can be added.
     *
     * @param line of the table
     * @param roomId where it goes
     * @param roomName the same for people
     * @param details as they would be written
     * @param age in words
     * @param days in words
     * @param allergies in words; empty where nobody asked, or there are none
     * @param carers with their addresses
     * @param sameAs whom it may be: a child of that name and birthday, here or earlier in the table
     * @param taken whether it is added
     */
    record Line(
            int line,
            UUID roomId,
            String roomName,
            ChildDetails details,
            String age,
            String days,
            String allergies,
            List<CarerLine> carers,
            Optional<String> sameAs,
            boolean taken) {
        /** Keeps its own copy. */
        Line {
            carers = List.copyOf(carers);
        }
    }

    /** Those that are added. */
    public List<Line> taken() {
        return lines.stream().filter(Line::taken).toList();
    }
}
