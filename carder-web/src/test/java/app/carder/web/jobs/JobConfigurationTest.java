package app.carder.web.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import app.carder.web.page.LimitProperties;
import com.github.kagkarlsson.scheduler.Scheduler;
import java.util.List;
import javax.sql.DataSource;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

class JobConfigurationTest extends WebTest {

    @Autowired
    private DataSource source;

    @Autowired
    private LimitProperties limits;

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void jobsAreDoneUnlessTheyAreLeftToAnother(boolean doesJobs) {
        Scheduler scheduler = new JobConfiguration().scheduler(source, List.of(), limits, doesJobs);
        try {
            assertThat(scheduler.getSchedulerState().isStarted()).isEqualTo(doesJobs);
        } finally {
            scheduler.stop();
        }
    }
}
