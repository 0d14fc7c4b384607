package app.carder.web.operate;

import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** When this server was backed up; {@code ./carder backup} and {@code ./carder drill} write it down. */
@Service
public class BackupRuns {

    /** A backup each night, and one that failed: common practice. */
    static final Duration OLD_AFTER = Duration.ofDays(2);

    private final JdbcTemplate database;
    private final SettingService settings;
    private final Clock clock;

    BackupRuns(JdbcTemplate database, SettingService settings, Clock clock) {
        this.database = database;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * What to tell a manager.
     *
     * @param isOld whether the last backup is too old, or there is none
     * @param last when it was, in the setting's zone; absent where there is none
     */
    public record State(boolean isOld, Optional<LocalDateTime> last) {}

    /** How it stands. */
    public State state(SettingId settingId) {
        Optional<Instant> last = last();
        return new State(isOld(last), last.map(at -> settings.local(settingId, at)));
    }

    Optional<Instant> last() {
        return Optional.ofNullable(database.queryForObject(
                        "select max(at) from backup_run where kind = 'BACKUP'", Timestamp.class))
                .map(Timestamp::toInstant);
    }

    boolean isOld(Optional<Instant> last) {
        return last.map(at -> at.isBefore(clock.instant().minus(OLD_AFTER))).orElse(true);
    }
}
