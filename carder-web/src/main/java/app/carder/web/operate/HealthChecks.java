package app.carder.web.operate;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a monitor asks: the queues, the last backup, the folder of the photos. Numbers only; nobody is named. */
@Configuration(proxyBeanMethods = false)
class HealthChecks {

    /** Longer than the first tries of a message take; then a mail server has been away for a while. */
    private static final Duration MAIL_WAITS_AT_MOST = Duration.ofHours(6);

    /** A job that nobody has begun for so long is stuck. */
    private static final Duration JOBS_WAIT_AT_MOST = Duration.ofMinutes(10);

    @Bean
    HealthIndicator mailQueue(JdbcTemplate database, Clock clock) {
        return () -> {
            Long waiting =
                    database.queryForObject("select count(*) from message where standing = 'WAITING'", Long.class);
            Long late = database.queryForObject(
                    "select count(*) from message where standing = 'WAITING' and asked_at < ?",
                    Long.class,
                    Timestamp.from(clock.instant().minus(MAIL_WAITS_AT_MOST)));
            Long failed = database.queryForObject(
                    "select count(*) from message where standing in ('REFUSED', 'GIVEN_UP', 'RETURNED')", Long.class);
            return (late == null || late > 0 ? Health.down() : Health.up())
                    .withDetail("waiting", String.valueOf(waiting))
                    .withDetail("late", String.valueOf(late))
                    .withDetail("failed", String.valueOf(failed))
                    .build();
        };
    }

    @Bean
    HealthIndicator jobs(JdbcTemplate database, Clock clock) {
        return () -> {
            Long stuck = database.queryForObject(
                    "select count(*) from scheduled_tasks where not picked and execution_time < ?",
                    Long.class,
                    Timestamp.from(clock.instant().minus(JOBS_WAIT_AT_MOST)));
            return (stuck == null || stuck > 0 ? Health.down() : Health.up())
                    .withDetail("stuck", String.valueOf(stuck))
                    .build();
        };
    }

    @Bean
    HealthIndicator backup(BackupRuns runs) {
        return () -> {
            Optional<Instant> last = runs.last();
            return (runs.isOld(last) ? Health.down() : Health.up())
                    .withDetail("last", last.map(Instant::toString).orElse("never"))
                    .build();
        };
    }

    @Bean
    HealthIndicator photos(@Value("${carder.media.folder}") Path folder) {
        return () -> {
            try {
                Files.createDirectories(folder);
                return (Files.isWritable(folder) ? Health.up() : Health.down()).build();
            } catch (IOException unreachable) {
                return Health.down().build();
            }
        };
    }
}
