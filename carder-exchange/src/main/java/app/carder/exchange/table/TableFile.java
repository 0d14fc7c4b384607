package app.carder.exchange.table;

import app.carder.exchange.table.TableRefused.Reason;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a table that somebody made with a spreadsheet: a workbook (XLSX) or text with commas, semicolons or tabs between. What it is, is told
 * from its content. Text is UTF-8, and Windows-1252 where it cannot be that.
 */
public final class TableFile {

    /** The most bytes of a file. */
    public static final int MOST_BYTES = 5_000_000;

    /** The most rows, the heads among them. */
    public static final int MOST_ROWS = 2_001;

    /** The most columns. */
    public static final int MOST_COLUMNS = 80;

    /** The most characters of a cell. */
    public static final int LONGEST_CELL = 10_000;

    private static final char BYTE_ORDER_MARK = '\uFEFF';

    private TableFile() {}

    /**
     * All rows that are not blank, each as wide as the widest; the first are the heads.
     *
     * @throws TableRefused if it is no table, is blank, or is larger than it may be
     */
    public static List<List<String>> read(byte[] file) throws TableRefused {
        if (file.length > MOST_BYTES) {
            throw new TableRefused(Reason.TOO_LARGE);
        }
        boolean isWorkbook = file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
        return even(isWorkbook ? SheetReader.read(file) : rows(text(file)));
    }

    /**
     * The same of text that was pasted.
     *
     * @throws TableRefused as above
     */
    public static List<List<String>> readText(String text) throws TableRefused {
        if (text.length() > MOST_BYTES) {
            throw new TableRefused(Reason.TOO_LARGE);
        }
        return even(rows(text));
    }

    private static String text(byte[] file) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException notUtf8) {
            return new String(file, Charset.forName("windows-1252"));
        }
    }

    private static List<List<String>> rows(String text) throws TableRefused {
        String table = !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
        if (table.indexOf('\0') >= 0) {
            throw new TableRefused(Reason.BROKEN);
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator(table))
                .setIgnoreEmptyLines(true)
                .get();
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(table), format)) {
            for (CSVRecord row : parser) {
                if (rows.size() >= MOST_ROWS) {
                    throw new TableRefused(Reason.TOO_LARGE);
                }
                rows.add(row.toList());
            }
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new TableRefused(Reason.BROKEN, broken);
        }
        return rows;
    }

    /** What most often stands between the heads. */
    private static char separator(String table) {
        String heads = table.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        return List.of(',', ';', '\t').stream()
                .max(Comparator.comparingLong(
                        one -> heads.chars().filter(found -> found == one).count()))
                .orElse(',');
    }

    private static List<List<String>> even(List<List<String>> rows) throws TableRefused {
        List<List<String>> filled = rows.stream()
                .map(row -> row.stream().map(TableFile::plain).toList())
                .filter(row -> row.stream().anyMatch(cell -> !cell.isEmpty()))
                .toList();
        if (filled.isEmpty()) {
            throw new TableRefused(Reason.EMPTY);
        }
        int widest = filled.stream().mapToInt(TableFile::width).max().orElse(0);
        if (filled.size() > MOST_ROWS || widest > MOST_COLUMNS) {
            throw new TableRefused(Reason.TOO_LARGE);
        }
        List<List<String>> even = new ArrayList<>();
        for (List<String> row : filled) {
            List<String> cells = new ArrayList<>(row.subList(0, Math.min(row.size(), widest)));
            while (cells.size() < widest) {
                cells.add("");
            }
            if (cells.stream().anyMatch(cell -> cell.length() > LONGEST_CELL)) {
                throw new TableRefused(Reason.TOO_LARGE);
            }
            even.add(List.copyOf(cells));
        }
        return even;
    }

    /** Up to the last cell that says something. */
    private static int width(List<String> row) {
        int width = row.size();
        while (width > 0 && row.get(width - 1).isEmpty()) {
            width--;
        }
        return width;
    }

    /** Without blanks around it, and without the apostrophe that keeps it from being a formula. */
    private static String plain(String cell) {
        String stripped = cell.strip();
        return stripped.length() > 1 && stripped.charAt(0) == '\'' && "=+-@".indexOf(stripped.charAt(1)) >= 0
                ? stripped.substring(1)
                : stripped;
    }
}
