package app.carder.web.frame;

import app.carder.web.account.AccountService;
import app.carder.web.account.AtSignIn;
import app.carder.web.account.Viewer;
import app.carder.web.frame.Look.Choice;
import app.carder.web.page.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * Tells a browser how its pages look. All of that belongs to the browser but the language, which belongs to whoever signs in: on a tablet that
 * several people use each is answered in their own.
 */
@Component
public class LookCookie implements AtSignIn {

    private static final Duration KEPT = Duration.ofDays(365);

    private final AccountService accounts;
    private final PublicAddress address;

    LookCookie(AccountService accounts, PublicAddress address) {
        this.accounts = accounts;
        this.address = address;
    }

    @Override
    public void signedIn(Viewer viewer, HttpServletRequest request, HttpServletResponse response) {
        if (viewer.role().isStaff()) {
            Look look = Look.of(request);
            String language =
                    accounts.language(viewer).orElse(Choice.LANGUAGE.options().get(0));
            if (!look.isChosen(Choice.LANGUAGE, language)) {
                tell(response, look.with(Choice.LANGUAGE, language));
            }
        }
    }

    /** This browser is answered in a language from now on. */
    public void speak(String language, HttpServletRequest request, HttpServletResponse response) {
        tell(response, Look.of(request).with(Choice.LANGUAGE, language));
    }

    void tell(HttpServletResponse response, Look look) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Look.COOKIE, look.cookie())
                        .path("/")
                        // Watch, which the device keeps as one page for everybody, reads it there.
                        .httpOnly(false)
                        .secure(address.isHttps())
                        .sameSite("Lax")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }
}
