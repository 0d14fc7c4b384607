package app.carder.web.jobs;

import app.carder.web.page.LimitProperties;
import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.sql.init.dependency.DependsOnDatabaseInitialization;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** The scheduler, wired by hand: its own starter is for an older Spring Boot. */
@Configuration(proxyBeanMethods = false)
class JobConfiguration {

    private static final Duration LOOKS_EVERY = Duration.ofMillis(500);
    /** A job whose node has not been heard of for four of these is taken up by another. */
    private static final Duration HEARTBEAT = Duration.ofSeconds(5);

    private static final Duration LONGEST_GOODBYE = Duration.ofSeconds(5);

    private static int threads(LimitProperties limits) {
        return limits.proposalsRunning() > 0
                ? limits.proposalsRunning()
                : Math.max(1, Runtime.getRuntime().availableProcessors() / 2);
    }

    /**
     * A job is asked for in the transaction that it belongs to, and begins once that is over. Where the application runs for a moment beside
     * another, to answer from the console or to lay its classes out, it leaves the jobs to that one.
     */
    @Bean(destroyMethod = "stop")
    @DependsOnDatabaseInitialization
    Scheduler scheduler(
            DataSource dataSource,
            List<Task<?>> tasks,
            LimitProperties limits,
            @Value("${carder.jobs}") boolean doesJobs) {
        // What comes again and again has to be begun; what is done once is asked for.
        List<RecurringTask<?>> again = new ArrayList<>();
        List<Task<?>> once = new ArrayList<>();
        for (Task<?> task : tasks) {
            if (task instanceof RecurringTask<?> recurring) {
                again.add(recurring);
            } else {
                once.add(task);
            }
        }
        Scheduler scheduler = Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), once)
                .startTasks(again)
                .threads(threads(limits))
                .pollingInterval(LOOKS_EVERY)
                .pollUsingLockAndFetch(0.5, 1)
                .heartbeatInterval(HEARTBEAT)
                .shutdownMaxWait(LONGEST_GOODBYE)
                .enablePriority()
                .build();
        if (doesJobs) {
            scheduler.start();
        }
        return scheduler;
    }
}
