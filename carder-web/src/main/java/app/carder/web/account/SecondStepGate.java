package app.carder.web.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Objects;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Lets somebody in who has passed the second step, just as after a password where none is asked. */
@Component
class SecondStepGate {

    private final SecondStepService steps;
    private final SessionStarter sessions;
    private final SessionBeginning beginning;

    SecondStepGate(SecondStepService steps, SessionStarter sessions, SessionBeginning beginning) {
        this.steps = steps;
        this.sessions = sessions;
        this.beginning = beginning;
    }

    /** A session with a new id, of somebody who is wholly signed in. */
    void open(Viewer viewer, HttpServletRequest request, HttpServletResponse response) {
        steps.signedIn(viewer, SignInFrom.of(request));
        sessions.startAtADesk(viewer, request, response);
        beginning.remember(viewer, request, response);
    }

    /** On to the page that was asked for first. */
    void goOn(HttpServletRequest request, HttpServletResponse response) throws IOException, ServletException {
        Authentication signedIn =
                Objects.requireNonNull(SecurityContextHolder.getContext().getAuthentication(), "Just signed in.");
        beginning.goOn(request, response, signedIn);
    }
}
