package app.carder.web.account;

import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;

/** Sessions in the database. Asked for by name, since requests are given {@link SparingSessions} in front of them. */
@Configuration(proxyBeanMethods = false)
@EnableJdbcHttpSession
class SessionConfiguration {

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> resting(
            @Value("${server.servlet.session.timeout}") Duration timeout) {
        return sessions -> sessions.setDefaultMaxInactiveInterval(timeout);
    }
}
