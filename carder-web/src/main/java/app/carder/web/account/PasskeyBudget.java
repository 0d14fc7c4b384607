package app.carder.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How often an address may begin to sign in with a passkey within a quarter of an hour: a passkey cannot be guessed, but each beginning
 * makes a session.
 */
final class PasskeyBudget extends OncePerRequestFilter {

    /** Everybody of a large nursery, on one morning, twice. */
    static final int FROM_AN_ADDRESS = 60;

    private static final String BEGIN = "/webauthn/authenticate/options";

    private final SignInBudgets budgets;
    private final Clock clock;

    PasskeyBudget(SignInBudgets budgets, Clock clock) {
        this.budgets = budgets;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getMethod().equals(HttpMethod.POST.name())
                && request.getRequestURI().equals(BEGIN)) {
            String subject = "passkeys " + SignInFrom.of(request).address();
            if (budgets.failures(subject, clock.instant()) >= FROM_AN_ADDRESS) {
                response.sendError(HttpStatus.TOO_MANY_REQUESTS.value());
                return;
            }
            budgets.fail(subject, clock.instant());
        }
        chain.doFilter(request, response);
    }
}
