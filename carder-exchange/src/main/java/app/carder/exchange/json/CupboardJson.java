package app.carder.exchange.json;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.CupboardTable.Contents;
import app.carder.core.cupboard.CupboardTable.Fault;
import app.carder.core.cupboard.Stocked;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The cupboard as JSON: {@code {"format": "carder-cupboard", "version": 1, "items": [...]}}, each item an object whose fields are
 * the columns of the {@link CupboardTable}; fields without a value are left out.
 */
public final class CupboardJson {

    private static final String FORMAT = "carder-cupboard";
    private static final int VERSION = 1;
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private CupboardJson() {}

    /** Writes a cupboard. */
    public static String write(List<Stocked> rows) {
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", FORMAT);
        file.put("version", VERSION);
        file.put("items", rows.stream().map(CupboardJson::item).toList());
        return MAPPER.writeValueAsString(file);
    }

    /**
     * Reads a cupboard; what is wrong is told by the number of the item, from 1.
     *
     * @param currency of the prices
     */
    public static Contents read(String json, Currency currency) {
        JsonNode file;
        try {
            file = MAPPER.readTree(json);
        } catch (JacksonException broken) {
            return refused(Said.of("refused.cupboard-json.no-json", Unreadable.where(broken)));
        }
        if (!file.path("format").asString("").equals(FORMAT)
                || file.path("version").asInt(0) != VERSION) {
            return refused(Said.of("refused.cupboard-json.format", FORMAT, VERSION));
        }
        List<Map<String, String>> rows = new ArrayList<>();
        for (JsonNode item : file.path("items")) {
            Map<String, String> cells = new LinkedHashMap<>();
            item.properties().forEach(field -> {
                if (field.getValue().isValueNode() && !field.getValue().isNull()) {
                    cells.put(field.getKey(), field.getValue().asString());
                }
            });
            rows.add(cells);
        }
        return CupboardTable.readRows(rows, currency);
    }

    private static Map<String, String> item(Stocked row) {
        Map<String, String> cells = new LinkedHashMap<>(CupboardTable.cells(row));
        cells.values().removeIf(String::isEmpty);
        return cells;
    }

    private static Contents refused(Said words) {
        return new Contents(List.of(), List.of(new Fault(0, "", words)), List.of());
    }
}
