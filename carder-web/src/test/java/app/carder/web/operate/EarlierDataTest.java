package app.carder.web.operate;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.TestDatabase;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A database of an earlier version with rows in it: they are there afterwards, and mean what they meant. */
class EarlierDataTest {

    /** Before settings had a clock, a country and hours of their own, and before mail went out. */
    private static final String EARLIER = "68";

    private final UUID setting = UUID.randomUUID();
    private final UUID room = UUID.randomUUID();
    private final UUID account = UUID.randomUUID();
    private final UUID anouk = UUID.randomUUID();
    private final UUID bram = UUID.randomUUID();
    private DriverManagerDataSource source;
    private JdbcTemplate database;

    @BeforeEach
    void anEarlierDatabase() {
        Map<String, String> fresh = TestDatabase.fresh("carder_migration");
        source = new DriverManagerDataSource(
                Objects.requireNonNull(fresh.get("spring.datasource.url")),
                Objects.requireNonNull(fresh.get("spring.datasource.username")),
                Objects.requireNonNull(fresh.get("spring.datasource.password")));
        database = new JdbcTemplate(source);
        migrate(EARLIER);
        put("setting", Map.of("id", setting, "name", "Quillmere", "time_zone", "Europe/London", "currency", "GBP"));
        put("room", Map.of("id", room, "name", "Loft", "framework_code", "eyfs", "practice_style", "FREE_FLOW"));
        put("account", Map.of("id", account, "username", "imelda", "display_name", "Imelda Farrow", "role", "MANAGER"));
        put("child", Map.of("id", anouk, "given_name", "Anouk", "peg_mark", "BELL", "consent_own_journal", true));
        put("child", Map.of("id", bram, "given_name", "Bram", "peg_mark", "KEY", "days_attended", "{1,3}"));
        UUID carer = UUID.randomUUID();
        put("carer", Map.of("id", carer, "child_id", anouk, "name", "Anouk's grandfather", "email", "a@example.org"));
        UUID journal = UUID.randomUUID();
        put("journal", Map.of("id", journal, "child_id", anouk, "starts_on", "2026-03-01", "ends_on", "2026-05-06"));
        put("reply", Map.of("journal_id", journal, "child_id", anouk, "words", "She told us about it."));
        put(
                "message",
                Map.of(
                        "to_name",
                        "Anouk's grandfather",
                        "to_address",
                        "a@example.org",
                        "subject",
                        "A journal",
                        "body",
                        "Hello"));
        put("observation", Map.of("note", "Poured to the line.", "author_id", account, "author_name", "Imelda Farrow"));
    }

    private void migrate(String target) {
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    /** A row with what is given, and something harmless where a column wants a value. */
    private void put(String table, Map<String, Object> given) {
        Map<String, String> row = new LinkedHashMap<>();
        database.query(
                "select column_name, udt_name from information_schema.columns where table_schema = 'public' and table_name = ?"
                        + " and (is_nullable = 'NO' and column_default is null and is_generated = 'NEVER') order by 1",
                column -> {
                    row.put(column.getString(1), harmless(column.getString(1), column.getString(2)));
                },
                table);
        given.forEach((column, value) -> row.put(column, value.toString()));
        List<String> values = new ArrayList<>();
        row.keySet().forEach(column -> values.add("cast(? as " + type(table, column) + ")"));
        database.update(
                "insert into %s (%s) values (%s)"
                        .formatted(table, String.join(", ", row.keySet()), String.join(", ", values)),
                row.values().toArray());
    }

    private String type(String table, String column) {
        return Objects.requireNonNull(database.queryForObject(
                "select case when udt_name like '\\_%' then substr(udt_name, 2) || '[]' else udt_name end from information_schema.columns"
                        + " where table_name = ? and column_name = ?",
                String.class, table, column));
    }

    private String harmless(String column, String type) {
        return switch (column) {
            case "setting_id" -> setting.toString();
            case "room_id" -> room.toString();
            case "well_being", "involvement" -> "3";
            default ->
                switch (type) {
                    case "uuid" -> UUID.randomUUID().toString();
                    case "bool" -> "false";
                    case "int4", "int8" -> "0";
                    case "date" -> "2022-02-02";
                    case "timestamptz" -> "2026-05-06T09:00:00Z";
                    case "jsonb" -> "[]";
                    default -> type.startsWith("_") ? "{}" : "";
                };
        };
    }

    @Test
    void whatWasThereIsThereAndWhatNobodyKnowsIsNotMadeUp() {
        migrate("latest");

        assertThat(database.queryForMap("select country, kind from setting where id = ?", setting))
                .containsEntry("country", "ENGLAND")
                .containsEntry("kind", "NURSERY");
        assertThat(database.queryForList("select given_name from child order by 1", String.class))
                .containsExactly("Anouk", "Bram");
        assertThat(database.queryForObject("select starts_on from child where id = ?", Object.class, bram))
                .as("nobody wrote down when it came")
                .isNull();
        assertThat(database.queryForMap(
                        "select given, giver, way, until_day from consent_entry where child_id = ?", anouk))
                .as("what was ticked holds, and names nobody")
                .containsEntry("given", true)
                .containsEntry("giver", "")
                .containsEntry("way", "BEFORE")
                .containsEntry("until_day", null);
        assertThat(database.queryForList("select 1 from consent_entry where child_id = ?", bram))
                .isEmpty();
        assertThat(database.queryForMap("select standing, tries from message"))
                .as("nothing was ever sent")
                .containsEntry("standing", "WAITING")
                .containsEntry("tries", 0);
        assertThat(database.queryForObject("select seen_at is not null from reply", Boolean.class))
                .as("what was written back long ago is not new")
                .isTrue();
        assertThat(database.queryForObject("select note from observation", String.class))
                .isEqualTo("Poured to the line.");
    }
}
