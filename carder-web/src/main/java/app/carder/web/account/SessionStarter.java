package app.carder.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
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

    /** Signs in, in a session with a new id. */
    public void start(Viewer viewer, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        Authentication signedIn = AccountAuthentication.signedIn(viewer);
        context.setAuthentication(signedIn);
        freshId.onAuthentication(signedIn, request, response);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}
