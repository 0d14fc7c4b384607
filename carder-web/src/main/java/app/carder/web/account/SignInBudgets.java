package app.carder.web.account;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** How many tries failed for a subject within a quarter of an hour: an address, an account, or a browser that its owner uses. */
@Component
class SignInBudgets {

    /** From the first failure on; after so long everything is forgiven. */
    static final Duration WINDOW = Duration.ofMinutes(15);

    private final JdbcTemplate database;

    SignInBudgets(JdbcTemplate database) {
        this.database = database;
    }

    int failures(String subject, Instant now) {
        List<Integer> found = database.queryForList(
                "select failures from sign_in_budget where subject = ? and since > ?",
                Integer.class,
                subject,
                Timestamp.from(now.minus(WINDOW)));
        return found.isEmpty() ? 0 : found.get(0);
    }

    /** In one statement, so that tries made at the same moment are all counted. */
    void fail(String subject, Instant now) {
        Timestamp begins = Timestamp.from(now.minus(WINDOW));
        database.update(
                "insert into sign_in_budget as spent values (?, 1, ?) on conflict (subject) do update set"
                        + " failures = case when spent.since > ? then spent.failures + 1 else 1 end,"
                        + " since = case when spent.since > ? then spent.since else excluded.since end",
                subject,
                Timestamp.from(now),
                begins,
                begins);
    }

    void forgive(String subject) {
        database.update("delete from sign_in_budget where subject = ?", subject);
    }

    void tidy(Instant now) {
        database.update("delete from sign_in_budget where since <= ?", Timestamp.from(now.minus(WINDOW)));
    }
}
