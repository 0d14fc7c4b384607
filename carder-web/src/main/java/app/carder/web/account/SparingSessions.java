package app.carder.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Primary;
import org.springframework.core.annotation.Order;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Sessions of the database, read once in a request, and written only when something in them changed or they were last used a minute ago:
 * a page costs one statement for its session and not three. A session may so end up to a minute early.
 */
@Primary
@Component
class SparingSessions implements SessionRepository<SparingSessions.Sparing> {

    /** How old the noted last use may grow before it is noted anew. */
    static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private static final ThreadLocal<@Nullable Map<String, Sparing>> IN_REQUEST = new ThreadLocal<>();

    private final JdbcIndexedSessionRepository sessions;

    SparingSessions(JdbcIndexedSessionRepository sessions) {
        this.sessions = sessions;
    }

    @Override
    public Sparing createSession() {
        return new Sparing(sessions.createSession());
    }

    @Override
    public void save(Sparing session) {
        save(sessions, session.session);
    }

    @SuppressWarnings("unchecked")
    private static <S extends Session> void save(SessionRepository<S> sessions, Session session) {
        sessions.save((S) session);
    }

    @Override
    public @Nullable Sparing findById(String id) {
        Map<String, Sparing> known = IN_REQUEST.get();
        return known == null ? read(id) : known.computeIfAbsent(id, this::read);
    }

    private @Nullable Sparing read(String id) {
        Session found = sessions.findById(id);
        return found == null ? null : new Sparing(found);
    }

    @Override
    public void deleteById(String id) {
        Map<String, Sparing> known = IN_REQUEST.get();
        if (known != null) {
            known.remove(id);
        }
        sessions.deleteById(id);
    }

    /** What was read of sessions ends with the request. */
    @Component
    @Order(SessionRepositoryFilter.DEFAULT_ORDER - 1)
    static final class OfOneRequest extends OncePerRequestFilter {

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            IN_REQUEST.set(new HashMap<>());
            try {
                chain.doFilter(request, response);
            } finally {
                IN_REQUEST.remove();
            }
        }
    }

    /** A session that does not tell each time that it was used. */
    static final class Sparing implements Session {

        private final Session session;

        private Sparing(Session session) {
            this.session = session;
        }

        @Override
        public void setLastAccessedTime(Instant at) {
            if (!at.isBefore(session.getLastAccessedTime().plus(NOTED_EVERY))) {
                session.setLastAccessedTime(at);
            }
        }

        @Override
        public String getId() {
            return session.getId();
        }

        @Override
        public String changeSessionId() {
            return session.changeSessionId();
        }

        @Override
        public <T> @Nullable T getAttribute(String name) {
            return session.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return session.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            session.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            session.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return session.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return session.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            session.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return session.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return session.isExpired();
        }
    }
}
