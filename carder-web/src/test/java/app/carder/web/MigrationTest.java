package app.carder.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.TestDatabase;
import app.carder.web.page.Required;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** Tables that come to have other names keep what is in them. */
class MigrationTest {

    @Test
    void whatWasDoneAndKeptBeforeTablesSaidCardIsThereAfterwards() {
        Map<String, String> settings = TestDatabase.fresh("carder_migration");
        String url = Required.from(settings, "spring.datasource.url");
        String user = Required.from(settings, "spring.datasource.username");
        String password = Required.from(settings, "spring.datasource.password");
        // What is set for the session below counts for all that is written here.
        SingleConnectionDataSource source = new SingleConnectionDataSource(url, user, password, true);
        try {
            Flyway.configure()
                    .dataSource(url, user, password)
                    .target("64")
                    .load()
                    .migrate();
            JdbcTemplate database = new JdbcTemplate(source);
            UUID setting = UUID.randomUUID();
            UUID card = UUID.randomUUID();
            UUID done = UUID.randomUUID();
            // Rows alone, without all that they belong to.
            database.execute("set session_replication_role = replica");
            database.update(
                    "insert into done (id, setting_id, at, person_id, person_name, deed) values (?, ?, now(), ?, 'Tobias Renn', 'PUT_AWAY')",
                    done,
                    setting,
                    UUID.randomUUID());
            database.update(
                    "insert into done_row (done_id, setting_id, of_table, label, before) values (?, ?, 'provocation_rung', 'Rice by the kilo',"
                            + " jsonb_build_object('provocation_id', ?::text, 'rung', 'HARDER'))",
                    done,
                    setting,
                    card);
            database.update(
                    "insert into provocation_calculation select * from jsonb_populate_record(null::provocation_calculation,"
                            + " jsonb_build_object('id', gen_random_uuid(), 'setting_id', ?::text, 'provocation_id', ?::text, 'position', 0,"
                            + " 'tool', 'pouring', 'inputs', jsonb_build_object('rung', 'TWO_EQUAL', 'fill', 'Water')))",
                    setting,
                    card);
            database.execute("set session_replication_role = origin");

            Flyway.configure().dataSource(url, user, password).load().migrate();

            assertThat(
                            database.queryForMap(
                                    "select of_table, before ->> 'card_id' as card, before ->> 'ladder_step' as step from done_row"))
                    .containsEntry("of_table", "card_ladder_step")
                    .containsEntry("card", card.toString())
                    .containsEntry("step", "HARDER");
            assertThat(
                            database.queryForMap(
                                    "select card_id, inputs ->> 'step' as step, inputs ->> 'fill' as fill from card_calculation"))
                    .containsEntry("card_id", card)
                    .containsEntry("step", "TWO_EQUAL")
                    .containsEntry("fill", "Water");
            assertThat(database.queryForList(
                            "select relname from pg_class where relname ~ 'provocation|rung'"
                                    + " union select conname from pg_constraint where conname ~ 'provocation|rung'"
                                    + " union select proname from pg_proc where prosrc ~ 'provocation'"
                                    + " union select column_name from information_schema.columns where column_name ~ 'provocation|rung'",
                            String.class))
                    .isEmpty();
        } finally {
            source.destroy();
        }
    }
}
