package app.carder.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends the sessions of staff 12 hours after they began, however much they are used: whoever finds a browser open the next morning signs
 * in. It goes by the clock that sessions are kept by, not by that of the setting.
 */
final class SessionLifetime extends OncePerRequestFilter {

    /** A long day at work. */
    static final Duration LONGEST = Duration.ofHours(12);

    private static final String ENDS_AT = "carder.ends-at";

    /** A session begins to count. */
    static void begin(HttpSession session) {
        begin(session, LONGEST);
    }

    /** A session begins to count that lasts so long at the most. */
    static void begin(HttpSession session, Duration lasts) {
        session.setAttribute(ENDS_AT, System.currentTimeMillis() + lasts.toMillis());
    }

    /** How long a session lasts yet at the most; {@link #LONGEST} where nobody said so. */
    static Duration left(HttpSession session) {
        return session.getAttribute(ENDS_AT) instanceof Long endsAt
                ? Duration.ofMillis(endsAt - System.currentTimeMillis())
                : LONGEST;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null
                && session.getAttribute(ENDS_AT) instanceof Long endsAt
                && System.currentTimeMillis() >= endsAt) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
