package app.carder.web.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.stereotype.Component;

/** What happens when somebody has signed in: the browser is known from now on, and the session remembers it in words. */
@Component
class SessionBeginning extends SavedRequestAwareAuthenticationSuccessHandler {

    private final SignInGuard guard;
    private final Cookies cookies;
    private final ObjectProvider<AtSignIn> more;

    SessionBeginning(SignInGuard guard, Cookies cookies, RequestCache requests, ObjectProvider<AtSignIn> more) {
        this.more = more;
        this.cookies = cookies;
        this.guard = guard;
        setDefaultTargetUrl("/");
        setRequestCache(requests);
    }

    @Override
    public void onAuthenticationSuccess(
            HttpServletRequest request, HttpServletResponse response, Authentication signedIn)
            throws IOException, ServletException {
        if (signedIn.getPrincipal() instanceof HalfSignedIn) {
            response.sendRedirect("/sign-in/second");
            return;
        }
        if (signedIn.getPrincipal() instanceof Viewer viewer) {
            remember(viewer, request, response);
        }
        goOn(request, response, signedIn);
    }

    /** Goes on to the page that was asked for before. */
    void goOn(HttpServletRequest request, HttpServletResponse response, Authentication signedIn)
            throws IOException, ServletException {
        super.onAuthenticationSuccess(request, response, signedIn);
    }

    /** The browser is known from now on, and the session counts. */
    void remember(Viewer viewer, HttpServletRequest request, HttpServletResponse response) {
        // That of the browser, which several people may use.
        String token = SignInFrom.token(request).orElseGet(LinkSecrets::token);
        guard.know(viewer, token);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                cookies.own(SignInFrom.COOKIE, token, SignInGuard.BROWSER_IS_KNOWN_FOR)
                        .toString());
        HttpSession session = request.getSession();
        session.setAttribute(SignedInSessions.BROWSER, BrowserWords.of(request.getHeader(HttpHeaders.USER_AGENT)));
        HandOnly.unmark(session);
        if (viewer.role().isStaff()) {
            SessionLifetime.begin(session);
        }
        more.forEach(one -> one.signedIn(viewer, request, response));
    }
}
