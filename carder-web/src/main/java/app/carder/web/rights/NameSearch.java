package app.carder.web.rights;

import app.carder.core.wording.NameGuard;
import app.carder.web.setting.SettingId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Finds names, and what comes near them, in everything that is written down in a setting: every column with words of every table. */
@Component
class NameSearch {

    /** Names of people who sign in are theirs, not the child's; what devices and rules are called says nothing of a child. */
    private static final Set<String> OF_OTHERS =
            Set.of("account", "security_entry", "access_entry", "erasure", "child", "carer", "setting");

    /** Characters of what is likely to stand elsewhere too; what is longer is told of one moment. */
    private static final int LONGEST_KEPT = 60;

    private final NamedParameterJdbcTemplate database;

    NameSearch(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    /**
     * A place where a name, or something like it, stands.
     *
     * @param table of the row
     * @param row its id
     * @param column in which it stands
     * @param type of the column
     * @param found as it stands there
     * @param isNear whether it only comes near the name
     * @param text all of it
     */
    record Hit(String table, String row, String column, String type, String found, boolean isNear, String text) {

        /** By which it is told apart on a form. */
        String key() {
            return String.join("/", table, row, column, found);
        }

        /** The words around it. */
        String around() {
            int at = text.indexOf(found);
            int from = Math.max(0, at - 60);
            int until = Math.min(text.length(), at + found.length() + 60);
            return (from > 0 ? "…" : "") + text.substring(from, until).strip() + (until < text.length() ? "…" : "");
        }
    }

    /** All places in a setting, by table. */
    List<Hit> of(SettingId settingId, Collection<String> names) {
        NameGuard guard = NameGuard.forChild(List.of(), names);
        List<Hit> hits = new ArrayList<>();
        // Codes and headings stand in thousands of rows, and are read once.
        Map<String, NameGuard.Reading> read = new HashMap<>();
        columns()
                .forEach((table, columns) -> columns.forEach((column, type) -> database.query(
                        // Names of tables and columns are those of the schema itself.
                        "select id::text as id, %s::text as words from %s where setting_id = :setting and %s is not null"
                                .formatted(column, table, column),
                        Map.of("setting", settingId.value()),
                        row -> {
                            String id = row.getString("id");
                            String text = row.getString("words");
                            NameGuard.Reading reading = text.length() > LONGEST_KEPT
                                    ? guard.read(text)
                                    : read.computeIfAbsent(text, guard::read);
                            reading.names()
                                    .forEach(name -> hits.add(new Hit(table, id, column, type, name, false, text)));
                            reading.near()
                                    .forEach(near ->
                                            hits.add(new Hit(table, id, column, type, near.words(), true, text)));
                        })));
        return List.copyOf(hits);
    }

    /** Columns with words, by table; codes are among them, which no name is like. */
    private Map<String, Map<String, String>> columns() {
        Map<String, Map<String, String>> columns = new TreeMap<>();
        database.query(
                "select c.table_name, c.column_name, c.udt_name from information_schema.columns c"
                        + " where c.table_schema = 'public' and c.is_generated = 'NEVER' and c.udt_name in ('text', 'varchar', 'jsonb', '_text', '_varchar')"
                        + " and exists (select 1 from information_schema.columns s where s.table_schema = 'public' and s.table_name = c.table_name and s.column_name = 'setting_id')"
                        + " and exists (select 1 from information_schema.columns i where i.table_schema = 'public' and i.table_name = c.table_name and i.column_name = 'id')",
                row -> {
                    String table = row.getString("table_name");
                    if (!OF_OTHERS.contains(table)) {
                        columns.computeIfAbsent(table, one -> new TreeMap<>())
                                .put(row.getString("column_name"), row.getString("udt_name"));
                    }
                });
        return columns;
    }

    /**
     * Writes "a friend" where somebody's name, or something like it, stood.
     *
     * @return the link of the log that has lost a content by that, where the place was in an earlier wording
     */
    Optional<Long> replace(SettingId settingId, Hit hit, Collection<String> names) {
        NameGuard guard = NameGuard.forChild(List.of(), hit.isNear() ? List.of(hit.found()) : names);
        return rewrite(settingId, hit, guard::withoutNames);
    }

    /** Writes another name where one, or something like it, stood. */
    Optional<Long> rename(SettingId settingId, Hit hit, Collection<String> names, String newName) {
        NameGuard guard = NameGuard.forChild(List.of(), hit.isNear() ? List.of(hit.found()) : names);
        return rewrite(settingId, hit, text -> guard.renamed(text, newName));
    }

    private Optional<Long> rewrite(SettingId settingId, Hit hit, UnaryOperator<String> rewriting) {
        String now = database
                .queryForList(
                        "select %s::text from %s where id::text = :row and setting_id = :setting"
                                .formatted(hit.column(), hit.table()),
                        Map.of("row", hit.row(), "setting", settingId.value()),
                        String.class)
                .stream()
                .findFirst()
                .orElse("");
        database.update(
                "update %s set %s = cast(:clean as %s) where id::text = :row and setting_id = :setting"
                        .formatted(hit.table(), hit.column(), type(hit.type())),
                Map.of("clean", rewriting.apply(now), "row", hit.row(), "setting", settingId.value()));
        if (!hit.table().equals("history_entry")) {
            return Optional.empty();
        }
        // What was sealed is another wording: it counts as erased.
        return database
                .queryForList(
                        "update history_entry set subject_salt = null where id::text = :row and setting_id = :setting and link is not null"
                                + " returning link",
                        Map.of("row", hit.row(), "setting", settingId.value()),
                        Long.class)
                .stream()
                .findFirst();
    }

    private static String type(String udt) {
        return udt.startsWith("_") ? udt.substring(1) + "[]" : udt;
    }
}
