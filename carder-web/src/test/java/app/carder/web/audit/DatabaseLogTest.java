package app.carder.web.audit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.carder.web.kit.WebTest;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessException;

/** What the database refuses is told without the row: neither its log nor the application's has a child's name from it. */
class DatabaseLogTest extends WebTest {

    private static final String NAME = "Ottoline of the log";

    private record Statement(String sql, String name) {}

    @Test
    void aRefusedRowIsInNoLog() throws IOException {
        List<Statement> refused = List.of(
                new Statement("update child set given_name = ? where given_name = 'Anouk'", NAME.repeat(9)),
                new Statement(
                        "insert into zone (id, setting_id, room_id, name, position) select id, setting_id, room_id, ?, 1 from zone limit 1",
                        NAME),
                new Statement(
                        "insert into zone (id, setting_id, room_id, name, position) select gen_random_uuid(), setting_id, gen_random_uuid(), ?, 1 from zone limit 1",
                        NAME));
        for (Statement statement : refused) {
            DataAccessException fault = catchThrowableOfType(
                    DataAccessException.class, () -> database.update(statement.sql(), statement.name()));
            StringWriter trace = new StringWriter();
            fault.printStackTrace(new PrintWriter(trace));
            assertThat(trace.toString()).as("what the application would log").doesNotContain(NAME);
        }

        String log = Files.readString(Path.of(Objects.requireNonNull(
                System.getenv("CARDER_DATABASE_LOG"),
                "The tests need their database's log: run them with ./carder test")));
        assertThat(log)
                .contains("violates check constraint", "violates unique constraint", "violates foreign key constraint");
        assertThat(log).doesNotContain(NAME);
    }
}
