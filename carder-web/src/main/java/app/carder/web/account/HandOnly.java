package app.carder.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A session that began with a PIN, or whatever opens Watch on a device, is for watching: every other page asks for the password. Six digits
 * must not open the records of a setting.
 */
final class HandOnly extends OncePerRequestFilter {

    private static final String MARK = "carder.hand-only";

    static void mark(HttpSession session) {
        session.setAttribute(MARK, true);
    }

    /** Signed in with the password now. */
    static void unmark(HttpSession session) {
        session.removeAttribute(MARK);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        String path = request.getRequestURI();
        if (session == null || session.getAttribute(MARK) == null || isForTheHand(path)) {
            chain.doFilter(request, response);
        } else if ("fetch".equals(request.getHeader("X-Requested-By"))) {
            response.sendError(HttpServletResponse.SC_UNAUTHORIZED);
        } else {
            response.sendRedirect("/sign-in?hand");
        }
    }

    private static boolean isForTheHand(String path) {
        return path.equals("/watch")
                || path.startsWith("/watch/")
                || path.startsWith("/shipped/")
                || path.equals("/sign-in")
                || path.startsWith("/sign-in/")
                || path.equals("/sign-out")
                // A passkey is a whole sign-in, as the password is.
                || path.equals("/webauthn/authenticate/options")
                || path.equals("/login/webauthn");
    }
}
