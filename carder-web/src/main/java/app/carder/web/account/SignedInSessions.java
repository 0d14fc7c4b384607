package app.carder.web.account;

import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where somebody is signed in, and the end of it. */
@Component
public class SignedInSessions {

    /** What a session remembers of the browser that it began in. */
    static final String BROWSER = "carder.browser";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final ApplicationEventPublisher events;

    SignedInSessions(FindByIndexNameSessionRepository<? extends Session> sessions, ApplicationEventPublisher events) {
        this.sessions = sessions;
        this.events = events;
    }

    /**
     * One session.
     *
     * @param browser in a few words
     * @param beganAt when its owner signed in
     * @param usedAt when it was last used
     * @param isThis whether it is the one that asks
     */
    record Open(String browser, Instant beganAt, Instant usedAt, boolean isThis) {}

    /** Those of one person, the last used first. */
    List<Open> of(UUID person, String ownId) {
        return all(person).stream()
                .filter(session -> !session.isExpired())
                .map(session -> new Open(
                        session.getAttributeOrDefault(BROWSER, ""),
                        session.getCreationTime(),
                        session.getLastAccessedTime(),
                        session.getId().equals(ownId)))
                .sorted(Comparator.comparing(Open::usedAt).reversed())
                .toList();
    }

    /** Ends every session of somebody, and every sign-in on a device. */
    public void endAll(UUID person) {
        all(person).forEach(session -> sessions.deleteById(session.getId()));
        events.publishEvent(new SignInsEnded(person));
    }

    void endOthers(UUID person, String ownId) {
        all(person).stream()
                .filter(session -> !session.getId().equals(ownId))
                .forEach(session -> sessions.deleteById(session.getId()));
        events.publishEvent(new SignInsEnded(person));
    }

    private Collection<? extends Session> all(UUID person) {
        return sessions.findByPrincipalName(person.toString()).values();
    }
}
