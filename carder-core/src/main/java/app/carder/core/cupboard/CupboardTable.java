package app.carder.core.cupboard;

import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.measure.Length;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.vessel.StatedVolume;
import app.carder.core.vessel.Vessel;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * The cupboard as a table of comma-separated values (RFC 4180): the starter cupboard ships as one, a setting imports and
 * exports the same. {@link #COLUMNS} names the columns; only {@code name} and {@code kind} must be there, in any order.
 * Semicolons instead of commas and a byte order mark are read as well, as spreadsheets write them. Lines that begin with
 * {@code #} are remarks.
 */
public final class CupboardTable {

    /** The columns in the order in which they are written. */
    public static final List<String> COLUMNS = List.of(
            "code",
            "name",
            "kind",
            "density_g_per_ml",
            "form",
            "length_mm",
            "width_mm",
            "thickness_mm",
            "opening_mm",
            "vessel",
            "vessel_first_mm",
            "vessel_second_mm",
            "vessel_depth_mm",
            "vessel_ml",
            "allergens",
            "traits",
            "pack_g",
            "pack_pieces",
            "pack_price",
            "stock_g",
            "stock_pieces",
            "kept_in",
            "keeps_days",
            "drawn_as",
            "drawn_colour",
            "source",
            "basis");

    /** Rows that one table may have. */
    public static final int MOST_ROWS = 2000;

    private static final Set<String> REQUIRED = Set.of("name", "kind");

    private CupboardTable() {}

    /**
     * What was read.
     *
     * @param rows that are right, in the table's order
     * @param faults of the others
     * @param notRead columns that nothing is known of
     */
    public record Contents(List<Stocked> rows, List<Fault> faults, List<String> notRead) {
        /** Keeps its own copies. */
        public Contents {
            rows = List.copyOf(rows);
            faults = List.copyOf(faults);
            notRead = List.copyOf(notRead);
        }
    }

    /**
     * Why a row was not taken.
     *
     * @param line of the file, from 1; 0 for the file as a whole
     * @param name in the row, where there is one
     * @param words what is wrong
     */
    public record Fault(long line, String name, Said words) {}

    /** The starter cupboard that ships with the application, by code, priced and stocked by nobody yet. */
    public static Map<String, Stocked> starter(Currency currency) {
        try (Reader reader = new InputStreamReader(
                Objects.requireNonNull(CupboardTable.class.getResourceAsStream("materials.csv")),
                StandardCharsets.UTF_8)) {
            Contents contents = read(reader, currency);
            if (!contents.faults().isEmpty()) {
                throw new IllegalStateException(
                        "Impossible state: the starter cupboard is wrong: " + contents.faults());
            }
            Map<String, Stocked> byCode = new LinkedHashMap<>();
            contents.rows().forEach(row -> byCode.put(row.code(), row));
            return byCode;
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the starter cupboard cannot be read.", broken);
        }
    }

    /**
     * Reads a table. A row that is wrong is left out and told; the others are read.
     *
     * @param currency of the prices
     * @throws IOException if it cannot be read at all
     */
    public static Contents read(Reader table, Currency currency) throws IOException {
        String text = readAll(table);
        List<TableRow> lines = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        try (CSVParser parser = format(text).parse(new StringReader(text))) {
            Set<String> missing = new HashSet<>(REQUIRED);
            missing.removeAll(parser.getHeaderNames().stream()
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .toList());
            if (!missing.isEmpty()) {
                return new Contents(
                        List.of(),
                        List.of(new Fault(
                                0,
                                "",
                                Said.of(
                                        "refused.cupboard-table.columns-missing",
                                        Said.oneAfterTheOther(
                                                missing.stream().sorted().toList())))),
                        List.of());
            }
            for (CSVRecord record : parser) {
                Map<String, String> cells = new LinkedHashMap<>();
                record.toMap().forEach((name, cell) -> cells.put(name.toLowerCase(Locale.ROOT), unquoted(cell)));
                lines.add(new TableRow(parser.getCurrentLineNumber(), cells));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException broken) {
            faults.add(
                    new Fault(0, "", Said.of("refused.cupboard-table.no-table", String.valueOf(broken.getMessage()))));
        }
        return read(lines, faults, currency);
    }

    /**
     * Reads rows that come from elsewhere, each a map from column to cell; the first one is line 1.
     *
     * @param currency of the prices
     */
    public static Contents readRows(List<Map<String, String>> rows, Currency currency) {
        List<TableRow> lines = new ArrayList<>();
        rows.forEach(cells -> lines.add(new TableRow(lines.size() + 1L, cells)));
        return read(lines, new ArrayList<>(), currency);
    }

    private record TableRow(long number, Map<String, String> cells) {}

    private static Contents read(List<TableRow> lines, List<Fault> faults, Currency currency) {
        List<Stocked> rows = new ArrayList<>();
        Set<String> codes = new HashSet<>();
        for (TableRow line : lines) {
            if (rows.size() + faults.size() >= MOST_ROWS) {
                faults.add(new Fault(line.number(), "", Said.of("refused.cupboard-table.too-many-rows", MOST_ROWS)));
                break;
            }
            CupboardRow row = new CupboardRow(line.cells(), currency);
            try {
                Stocked stocked = row.stocked();
                if (!codes.add(stocked.code())) {
                    throw Refused.because("refused.cupboard-table.code-must-be", stocked.code());
                }
                rows.add(stocked);
            } catch (IllegalArgumentException wrong) {
                faults.add(new Fault(line.number(), row.text("name"), Refused.why(wrong)));
            }
        }
        List<String> notRead = lines.stream()
                .flatMap(line -> line.cells().keySet().stream())
                .filter(column -> !COLUMNS.contains(column))
                .distinct()
                .toList();
        return new Contents(rows, faults, notRead);
    }

    private static String unquoted(String cell) {
        return cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@\t\r'".indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }

    /** Writes a table that {@link #read} gives back the same; lines end as RFC 4180 says. */
    public static String write(List<Stocked> rows) {
        StringBuilder text = new StringBuilder(String.join(",", COLUMNS)).append("\r\n");
        for (Stocked row : rows) {
            Map<String, String> cells = cells(row);
            text.append(COLUMNS.stream()
                            .map(column -> quoted(cells.getOrDefault(column, "")))
                            .collect(Collectors.joining(",")))
                    .append("\r\n");
        }
        return text.toString();
    }

    private static String readAll(Reader table) throws IOException {
        StringBuilder text = new StringBuilder();
        char[] buffer = new char[8192];
        for (int read = table.read(buffer); read >= 0; read = table.read(buffer)) {
            text.append(buffer, 0, read);
        }
        return text.length() > 0 && text.charAt(0) == '\ufeff' ? text.substring(1) : text.toString();
    }

    private static CSVFormat format(String text) {
        String header = text.lines()
                .filter(line -> !line.startsWith("#") && !line.isBlank())
                .findFirst()
                .orElse("");
        char delimiter = header.chars().filter(c -> c == ';').count()
                        > header.chars().filter(c -> c == ',').count()
                ? ';'
                : ',';
        return CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setCommentMarker('#')
                .setTrim(true)
                .get();
    }

    /** A cell that no spreadsheet takes for a formula (OWASP: prefix with an apostrophe). */
    private static String quoted(String cell) {
        String harmless = !cell.isEmpty() && "=+-@\t\r'".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
        return harmless.matches("(?s).*[\",;\r\n#].*") || !harmless.equals(harmless.strip())
                ? '"' + harmless.replace("\"", "\"\"") + '"'
                : harmless;
    }

    /** One row by column; columns without a value are left out. */
    public static Map<String, String> cells(Stocked row) {
        Map<String, String> cells = new LinkedHashMap<>();
        Material material = row.material();
        cells.put("code", row.code());
        cells.put("name", material.name());
        cells.put("kind", material.kind().name());
        material.density()
                .ifPresent(density ->
                        cells.put("density_g_per_ml", plain(BigDecimal.valueOf(density.microgramsPerMillilitre(), 6))));
        material.form().ifPresent(form -> cells.putAll(cells(form)));
        material.opening().ifPresent(opening -> cells.put("opening_mm", millimetres(opening)));
        row.vessel().ifPresent(vessel -> cells.putAll(cells(vessel)));
        cells.put(
                "allergens",
                material.allergens().stream().sorted().map(Enum::name).collect(Collectors.joining(" ")));
        cells.put("traits", material.traits().stream().sorted().map(Enum::name).collect(Collectors.joining(" ")));
        row.bought().ifPresent(bought -> {
            bought.content().mass().ifPresent(mass -> cells.put("pack_g", plain(mass.exactGrams())));
            bought.content().pieces().ifPresent(count -> cells.put("pack_pieces", count.toString()));
            cells.put("pack_price", bought.price().amount().toPlainString());
        });
        row.stock().mass().ifPresent(mass -> cells.put("stock_g", plain(mass.exactGrams())));
        row.stock().pieces().ifPresent(count -> cells.put("stock_pieces", count.toString()));
        cells.put("kept_in", row.keptIn());
        row.keepsDays().ifPresent(days -> cells.put("keeps_days", days.toString()));
        row.seen().silhouette().ifPresent(silhouette -> cells.put("drawn_as", silhouette.name()));
        row.seen().colour().ifPresent(colour -> cells.put("drawn_colour", colour.written()));
        cells.put("source", material.source().name().words());
        cells.put("basis", material.source().basis().name());
        return cells;
    }

    private static Map<String, String> cells(Solid form) {
        if (form instanceof Solid.Ball ball) {
            return Map.of("form", "ball", "length_mm", millimetres(ball.diameter()));
        }
        if (form instanceof Solid.Rod rod) {
            return Map.of(
                    "form", "rod", "length_mm", millimetres(rod.length()), "width_mm", millimetres(rod.diameter()));
        }
        if (form instanceof Solid.Block block) {
            return Map.of(
                    "form",
                    "block",
                    "length_mm",
                    millimetres(block.length()),
                    "width_mm",
                    millimetres(block.width()),
                    "thickness_mm",
                    millimetres(block.thickness()));
        }
        Solid.Grain grain = (Solid.Grain) form;
        return Map.of(
                "form",
                "grain",
                "length_mm",
                millimetres(grain.length()),
                "width_mm",
                millimetres(grain.width()),
                "thickness_mm",
                millimetres(grain.thickness()));
    }

    private static Map<String, String> cells(Vessel vessel) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("vessel", vessel.shape().name());
        cells.put("vessel_depth_mm", millimetres(vessel.depth()));
        if (vessel instanceof StatedVolume stated) {
            cells.put("vessel_ml", plain(BigDecimal.valueOf(stated.stated().microlitres(), 3)));
        } else {
            cells.put("vessel_first_mm", millimetres(vessel.firstMeasure()));
            vessel.secondMeasure().ifPresent(second -> cells.put("vessel_second_mm", millimetres(second)));
        }
        return cells;
    }

    private static String millimetres(Length length) {
        return plain(BigDecimal.valueOf(length.micrometres(), 3));
    }

    private static String plain(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }
}
