package app.carder.core.table;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads a table: CSV with a row of names, after lines with # that say where it comes from. */
public final class ShippedTable {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .get();

    private ShippedTable() {}

    /** The rows of a table that lies beside a class. */
    public static List<CSVRecord> rows(Class<?> beside, String name) {
        try (Reader reader = new InputStreamReader(
                        Objects.requireNonNull(beside.getResourceAsStream(name)), StandardCharsets.UTF_8);
                CSVParser rows = FORMAT.parse(reader)) {
            return rows.getRecords();
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: %s cannot be read.".formatted(name), broken);
        }
    }
}
