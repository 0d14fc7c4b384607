package app.carder.web.attendance;

import app.carder.web.children.ChildView;
import java.time.LocalDate;
import java.util.List;

/**
 * The register of a week.
 *
 * @param days on which the setting is open
 * @param rows by child
 */
public record WeekRegister(List<LocalDate> days, List<Row> rows) {

    /** Keeps its own copies. */
    public WeekRegister {
        days = List.copyOf(days);
        rows = List.copyOf(rows);
    }

    /**
     * A child's week.
     *
     * @param child who
     * @param cells for each day, in words: hours, why it was away, or that nobody noted anything
     */
    public record Row(ChildView child, List<String> cells) {
        /** Keeps its own copy. */
        public Row {
            cells = List.copyOf(cells);
        }
    }
}
