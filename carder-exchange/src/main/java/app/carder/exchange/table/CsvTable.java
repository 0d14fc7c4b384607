package app.carder.exchange.table;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes a table for spreadsheets. */
public final class CsvTable {

    private CsvTable() {}

    /**
     * As CSV: lines end in CRLF, quotes are doubled, and a cell that a spreadsheet would take for a formula begins with an apostrophe
     * (OWASP, CSV injection). Numbers with a sign are left alone.
     *
     * @param header names of the columns
     * @param rows cells, as many as columns
     */
    public static String write(List<String> header, List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(header);
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(CsvTable::guarded).toList());
            }
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: no table can be written to memory.", broken);
        }
        return text.toString();
    }

    private static String guarded(String cell) {
        boolean formula = cell.matches("(?s)^[=+\\-@\\t\\r].*") && !cell.matches("[+-]?[0-9.,]+");
        return formula ? "'" + cell : cell;
    }
}
