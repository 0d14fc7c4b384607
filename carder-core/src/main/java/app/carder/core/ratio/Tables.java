package app.carder.core.ratio;

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

/** Reads the tables that ship beside the code. */
final class Tables {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .get();

    private Tables() {}

    static List<CSVRecord> rows(String name) {
        try (Reader reader = new InputStreamReader(
                        Objects.requireNonNull(Tables.class.getResourceAsStream(name)), StandardCharsets.UTF_8);
                CSVParser rows = FORMAT.parse(reader)) {
            return rows.getRecords();
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: %s cannot be read.".formatted(name), broken);
        }
    }
}
