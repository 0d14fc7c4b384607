package app.carder.core.material;

import app.carder.core.measure.Density;
import app.carder.core.measure.Length;
import app.carder.core.reckoning.Source;
import app.carder.core.reckoning.Source.Basis;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The starter cupboard: everyday materials with density, size, allergens and traits, read from a table. */
public final class MaterialCatalogue {

    private final Map<String, Material> materialsByCode;

    private MaterialCatalogue(Map<String, Material> materialsByCode) {
        this.materialsByCode = materialsByCode;
    }

    /** The starter cupboard that ships with the application. */
    public static MaterialCatalogue starter() {
        try (Reader reader = new InputStreamReader(
                Objects.requireNonNull(MaterialCatalogue.class.getResourceAsStream("materials.csv")),
                StandardCharsets.UTF_8)) {
            return read(reader);
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the starter cupboard cannot be read.", broken);
        }
    }

    /**
     * Reads a table of materials; the columns are named in its header row, lines that begin with {@code #} are remarks.
     *
     * @throws IOException if it cannot be read
     * @throws IllegalArgumentException if a row is wrong; the message names the row
     */
    public static MaterialCatalogue read(Reader table) throws IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .setTrim(true)
                .get();
        Map<String, Material> materials = new LinkedHashMap<>();
        try (CSVParser rows = format.parse(table)) {
            for (CSVRecord row : rows) {
                if (materials.put(row.get("code"), material(row)) != null) {
                    throw new IllegalArgumentException("Material code must be unique, got \"%s\" twice (line %d)."
                            .formatted(row.get("code"), rows.getCurrentLineNumber()));
                }
            }
        }
        return new MaterialCatalogue(materials);
    }

    /** All of them by code, in the table's order. */
    public Map<String, Material> byCode() {
        return Map.copyOf(materialsByCode);
    }

    /**
     * One of them.
     *
     * @throws IllegalArgumentException if there is no such code
     */
    public Material get(String code) {
        Material material = materialsByCode.get(code);
        if (material == null) {
            throw new IllegalArgumentException("Material code must be in the cupboard, got \"%s\".".formatted(code));
        }
        return material;
    }

    private static Material material(CSVRecord row) {
        try {
            return new Material(
                    row.get("name"),
                    MaterialKind.valueOf(row.get("kind")),
                    Optional.of(row.get("density_g_per_ml"))
                            .filter(text -> !text.isEmpty())
                            .map(text -> Density.ofGramsPerMillilitre(new BigDecimal(text))),
                    form(row),
                    set(row.get("allergens"), Allergen::parse),
                    set(row.get("traits"), Trait::valueOf),
                    new Source(row.get("source"), Basis.valueOf(row.get("basis"))));
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException(
                    "Material row %d (%s): %s".formatted(row.getRecordNumber(), row.get("code"), wrong.getMessage()),
                    wrong);
        }
    }

    private static Optional<Solid> form(CSVRecord row) {
        return switch (row.get("form")) {
            case "" -> Optional.empty();
            case "ball" -> Optional.of(new Solid.Ball(millimetres(row, "length_mm")));
            case "rod" -> Optional.of(new Solid.Rod(millimetres(row, "width_mm"), millimetres(row, "length_mm")));
            case "block" ->
                Optional.of(new Solid.Block(
                        millimetres(row, "length_mm"), millimetres(row, "width_mm"), millimetres(row, "thickness_mm")));
            case "grain" ->
                Optional.of(new Solid.Grain(
                        millimetres(row, "length_mm"), millimetres(row, "width_mm"), millimetres(row, "thickness_mm")));
            default ->
                throw new IllegalArgumentException(
                        "Form must be ball, rod, block or grain, got \"%s\".".formatted(row.get("form")));
        };
    }

    private static Length millimetres(CSVRecord row, String column) {
        return Length.parse(row.get(column) + " mm");
    }

    private static <T> Set<T> set(String codes, Function<String, T> parse) {
        return Arrays.stream(codes.split("\\s+"))
                .filter(code -> !code.isEmpty())
                .map(parse)
                .collect(Collectors.toUnmodifiableSet());
    }
}
