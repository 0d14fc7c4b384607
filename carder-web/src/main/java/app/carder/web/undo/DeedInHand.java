package app.carder.web.undo;

import app.carder.web.account.Viewer;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import tools.jackson.databind.json.JsonMapper;

/** The deed that this thread's request is about: each transaction that writes for it tells the database, which keeps the rows. */
@Component
class DeedInHand implements TransactionExecutionListener {

    private final ThreadLocal<@Nullable Begun> begun = new ThreadLocal<>();
    private final ObjectProvider<DataSource> database;
    private final JsonMapper json;

    DeedInHand(ObjectProvider<DataSource> database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    /**
     * A deed that has begun.
     *
     * @param id under which it is kept
     * @param viewer who does it
     * @param deed what
     * @param at when, by the nursery's time
     */
    record Begun(UUID id, Viewer viewer, Deed deed, Instant at) {}

    void begin(Begun deed) {
        begun.set(deed);
    }

    Optional<Begun> begun() {
        return Optional.ofNullable(begun.get());
    }

    void end() {
        begun.remove();
    }

    @Override
    public void afterBegin(TransactionExecution transaction, @Nullable Throwable failed) {
        Begun deed = begun.get();
        if (deed != null && failed == null && !transaction.isReadOnly()) {
            Viewer viewer = deed.viewer();
            String told = json.writeValueAsString(new Told(
                    deed.id(),
                    viewer.settingId().value(),
                    deed.at().toString(),
                    viewer.personId(),
                    viewer.name(),
                    deed.deed()));
            // For this transaction only.
            new JdbcTemplate(database.getObject())
                    .queryForObject("select set_config('carder.deed', ?, true)", String.class, told);
        }
    }

    private record Told(UUID id, UUID setting, String at, UUID person, String name, Deed deed) {}
}
