package app.carder.web.kit;

import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;

/** Puts the settable clock in the place of the system's. */
@TestConfiguration(proxyBeanMethods = false)
public class ClockConfiguration {

    @Bean
    SettableClock clock() {
        return new SettableClock();
    }
}
