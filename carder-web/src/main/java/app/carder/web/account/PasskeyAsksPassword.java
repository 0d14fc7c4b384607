package app.carder.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A passkey outlives the session in which it is made, so that making one asks for the password again: whoever finds a desk open makes none.
 * Wrong ones count as anywhere else.
 */
final class PasskeyAsksPassword extends OncePerRequestFilter {

    static final String HEADER = "X-Own-Password";
    private static final String BEGIN = "/webauthn/register/options";
    private static final String MAKE = "/webauthn/register";
    private static final String ALLOWED = PasskeyAsksPassword.class.getName();

    private final OwnPasswordService own;

    PasskeyAsksPassword(OwnPasswordService own) {
        this.own = own;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        if (!request.getMethod().equals(HttpMethod.POST.name())
                || signedIn == null
                || !(signedIn.getPrincipal() instanceof Viewer viewer)) {
            chain.doFilter(request, response);
            return;
        }
        boolean begins = request.getRequestURI().equals(BEGIN);
        boolean makes = request.getRequestURI().equals(MAKE);
        if (begins) {
            request.getSession().setAttribute(ALLOWED, isRight(viewer, request));
        }
        boolean allowed =
                !(begins || makes) || Boolean.TRUE.equals(request.getSession().getAttribute(ALLOWED));
        if (makes) {
            request.getSession().removeAttribute(ALLOWED);
        }
        if (allowed) {
            chain.doFilter(request, response);
        } else {
            response.sendError(HttpStatus.FORBIDDEN.value());
        }
    }

    private boolean isRight(Viewer viewer, HttpServletRequest request) {
        String password = request.getHeader(HEADER);
        try {
            return password != null
                    && own.check(viewer, URLDecoder.decode(password, StandardCharsets.UTF_8), SignInFrom.of(request))
                            == OwnPasswordService.Outcome.DONE;
        } catch (IllegalArgumentException notEncoded) {
            return false;
        }
    }
}
