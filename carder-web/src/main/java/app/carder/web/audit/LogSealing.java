package app.carder.web.audit;

import app.carder.web.setting.SettingId;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** Seals the logs every few seconds, and notes the seals outside the database. */
@Component
class LogSealing {

    private static final Logger LOG = LoggerFactory.getLogger(LogSealing.class);

    private final LogChain chain;
    private final NotedSeals noted;

    LogSealing(LogChain chain, NotedSeals noted) {
        this.chain = chain;
        this.noted = noted;
    }

    /** Tells the scheduler when. */
    @Configuration(proxyBeanMethods = false)
    static class Registration {
        @Bean
        RecurringTask<Void> sealLogs(LogSealing sealing, @Value("${carder.log.seal-every}") Duration every) {
            return Tasks.recurring("log-sealing", FixedDelay.of(every)).execute((instance, context) -> sealing.run());
        }
    }

    /** Seals what is not sealed yet. A fault ends the round, and the next one goes on. */
    void run() {
        try {
            chain.unsealed().forEach(this::seal);
        } catch (RuntimeException broken) {
            LOG.error("The logs could not be sealed.", broken);
        }
    }

    private void seal(SettingId settingId) {
        int rows;
        do {
            rows = chain.seal(settingId);
        } while (rows > 0);
        chain.head(settingId).ifPresent(seal -> noted.note(settingId, seal));
    }
}
