package app.carder.web;

import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.safety.SafetyCheck;
import java.nio.file.Path;
import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The core's tables and the clock, as beans. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class CarderConfiguration {

    @Bean
    @ConditionalOnMissingBean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    FrameworkLibrary frameworkLibrary(@Value("${carder.frameworks-folder:}") String folder) {
        FrameworkLibrary shipped = FrameworkLibrary.shipped();
        return folder.isBlank() ? shipped : shipped.withFolder(Path.of(folder));
    }

    @Bean
    SafetyCheck safetyCheck() {
        return SafetyCheck.withShippedRules();
    }
}
