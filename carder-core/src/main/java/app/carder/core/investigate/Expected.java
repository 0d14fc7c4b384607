package app.carder.core.investigate;

import app.carder.core.calculation.Source;
import app.carder.core.said.Said;
import app.carder.core.table.ShippedTable;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What is expected when: a window of days after the beginning.
 *
 * @param code its own
 * @param name what is watched
 * @param what happens
 * @param fromDays after the beginning, at the earliest
 * @param toDays after the beginning, at the latest
 * @param depth where it is put
 * @param note what else to know; may be empty
 */
public record Expected(String code, String name, String what, int fromDays, int toDays, String depth, String note) {

    /** Where the windows come from. */
    public static final Source SOURCE = Source.commonPractice(Said.of("source.seed-packets-and-common-practice-from"));

    private static final List<Expected> SHIPPED = read();

    /** All windows that ship. */
    public static List<Expected> shipped() {
        return SHIPPED;
    }

    /** One of them. */
    public static Optional<Expected> byCode(String code) {
        return SHIPPED.stream().filter(one -> one.code().equals(code)).findFirst();
    }

    /** First day of the window. */
    public LocalDate from(LocalDate begun) {
        return begun.plusDays(fromDays);
    }

    /** Last day of the window. */
    public LocalDate to(LocalDate begun) {
        return begun.plusDays(toDays);
    }

    /** How a day stands to the window. */
    public String words(LocalDate begun, LocalDate on) {
        if (on.isBefore(from(begun))) {
            return Said.say("working.too-early-it-usually-after-to", what, fromDays, toDays);
        }
        if (on.isAfter(to(begun))) {
            return Said.say("working.the-usual-window-has-passed-it", what, fromDays, toDays);
        }
        return Said.say("working.now-it-usually-after-to-days", what, fromDays, toDays);
    }

    private static List<Expected> read() {
        return ShippedTable.rows(Expected.class, "expected.csv").stream()
                .map(row -> new Expected(
                        row.get("code"),
                        row.get("name"),
                        row.get("what"),
                        Integer.parseInt(row.get("from_days")),
                        Integer.parseInt(row.get("to_days")),
                        row.get("depth"),
                        row.get("note")))
                .toList();
    }
}
