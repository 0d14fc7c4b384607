package app.carder.web.kit;

import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Puts the settable clock in the place of the system's, and passwords that cost little in the place of those that cost much. */
@TestConfiguration(proxyBeanMethods = false)
public class StandIns {

    private static final int LEAST_COST = 4;

    @Bean
    SettableClock clock() {
        return new SettableClock();
    }

    @Bean
    @Primary
    PasswordEncoder quickPasswords() {
        return new BCryptPasswordEncoder(LEAST_COST);
    }
}
