package app.carder.core.framework;

import app.carder.core.framework.Framework.Area;
import app.carder.core.framework.Framework.Aspect;
import app.carder.core.framework.Framework.Statement;
import java.io.IOException;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.CRC32;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a framework from a table with the columns {@code level, code, parent, words} and, if its makers number it, {@code version}. Levels are {@code framework}
 * (one row; its parent column holds the credit), {@code area}, {@code aspect} and {@code statement}; a row's parent stands
 * above it. Lines that begin with {@code #} are remarks.
 */
final class FrameworkReader {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .setTrim(true)
            .get();

    private final Set<String> codes = new HashSet<>();
    private final Map<String, AreaRows> areas = new LinkedHashMap<>();
    private final Map<String, AspectRows> aspects = new LinkedHashMap<>();

    private record AreaRows(String code, String name, List<AspectRows> aspects) {
        Area area() {
            return new Area(code, name, aspects.stream().map(AspectRows::aspect).toList());
        }
    }

    private record AspectRows(String code, String name, List<Statement> statements) {
        Aspect aspect() {
            return new Aspect(code, name, statements);
        }
    }

    private FrameworkReader() {}

    /**
     * The framework in a table.
     *
     * @throws IOException if it cannot be read
     * @throws IllegalArgumentException if a row is wrong; the message names the row
     */
    static Framework read(Reader table) throws IOException {
        try (CSVParser rows = FORMAT.parse(table)) {
            return new FrameworkReader().read(rows.getRecords());
        }
    }

    private Framework read(List<CSVRecord> rows) {
        if (rows.isEmpty() || !rows.get(0).get("level").equals("framework")) {
            throw new IllegalArgumentException("Framework table must begin with a row of level \"framework\".");
        }
        CSVRecord head = rows.get(0);
        rows.subList(1, rows.size()).forEach(this::add);
        if (areas.isEmpty()) {
            throw new IllegalArgumentException(
                    "Framework (%s) must have one area or more, got none.".formatted(head.get("code")));
        }
        return new Framework(
                head.get("code"),
                version(rows),
                head.get("words"),
                head.get("parent"),
                areas.values().stream().map(AreaRows::area).toList());
    }

    private static String version(List<CSVRecord> rows) {
        CSVRecord head = rows.get(0);
        if (head.isSet("version") && !head.get("version").isEmpty()) {
            return head.get("version");
        }
        CRC32 sum = new CRC32();
        rows.forEach(row -> sum.update(String.join("\n", row.toList()).getBytes(StandardCharsets.UTF_8)));
        return Long.toHexString(sum.getValue());
    }

    private void add(CSVRecord row) {
        String code = row.get("code");
        if (!codes.add(code)) {
            throw wrong(row, "code must be unique, got \"%s\" twice".formatted(code));
        }
        switch (row.get("level")) {
            case "area" -> areas.put(code, new AreaRows(code, row.get("words"), new ArrayList<>()));
            case "aspect" -> {
                AspectRows aspect = new AspectRows(code, row.get("words"), new ArrayList<>());
                parent(areas, row).aspects().add(aspect);
                aspects.put(code, aspect);
            }
            case "statement" -> parent(aspects, row).statements().add(new Statement(code, row.get("words")));
            default ->
                throw wrong(row, "level must be area, aspect or statement, got \"%s\"".formatted(row.get("level")));
        }
    }

    private static <T> T parent(Map<String, T> parents, CSVRecord row) {
        T parent = parents.get(row.get("parent"));
        if (parent == null) {
            throw wrong(row, "parent must stand above it, got \"%s\"".formatted(row.get("parent")));
        }
        return parent;
    }

    private static IllegalArgumentException wrong(CSVRecord row, String what) {
        return new IllegalArgumentException("Framework row %d: %s.".formatted(row.getRecordNumber(), what));
    }
}
