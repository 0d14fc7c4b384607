package app.carder.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;

/** Starts a session for somebody who proved who they are other than by password: with the code of a link. */
@Component
public class SessionStarter {

    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
    private final ChangeSessionIdAuthenticationStrategy freshId = new ChangeSessionIdAuthenticationStrategy();

    /** How long a session that carries the app in the hand, or a carer's, may rest: a day with a nap in it. */
    private static final Duration FOR_THE_DAY = Duration.ofHours(12);

    /** Signs in, in a session with a new id that rests for the day. */
    public void start(Viewer viewer, HttpServletRequest request, HttpServletResponse response) {
        startAtADesk(viewer, request, response);
        keepForTheDay(request.getSession());
    }

    /** The same in a session that ends after half an hour of rest. */
    void startAtADesk(Viewer viewer, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        Authentication signedIn = AccountAuthentication.signedIn(viewer);
        context.setAuthentication(signedIn);
        freshId.onAuthentication(signedIn, request, response);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    /** Signs in with what a device keeps: for watching only, since it is opened with less than a password. */
    public void startInTheHand(Viewer viewer, Duration left, HttpServletRequest request, HttpServletResponse response) {
        start(viewer, request, response);
        SessionLifetime.begin(request.getSession(), left);
        HandOnly.mark(request.getSession());
    }

    /** How long a session lasts yet at the most. */
    public Duration left(HttpSession session) {
        return SessionLifetime.left(session);
    }

    /** A tablet lies about for longer than a desk is left: the session rests without ending. What staff have ends after 12 hours all the same. */
    public void keepForTheDay(HttpSession session) {
        session.setMaxInactiveInterval(Math.toIntExact(FOR_THE_DAY.toSeconds()));
    }
}
