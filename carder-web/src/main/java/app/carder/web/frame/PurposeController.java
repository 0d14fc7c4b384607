package app.carder.web.frame;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.page.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Folds away what a page is for, once somebody knows it. */
@Controller
@AllowedTo(value = Audience.STAFF, logged = false)
class PurposeController {

    private static final Duration KEPT = Duration.ofDays(365);

    private final PublicAddress address;

    PurposeController(PublicAddress address) {
        this.address = address;
    }

    /**
     * Folds one away.
     *
     * @param purpose of which page
     */
    @PostMapping("/purposes")
    ResponseEntity<Void> fold(
            @RequestParam Place purpose,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean part,
            HttpServletRequest request,
            HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(
                                Folded.COOKIE, Folded.of(request).with(purpose).cookie())
                        .path("/")
                        .httpOnly(true)
                        .secure(address.isHttps())
                        .sameSite("Lax")
                        .maxAge(KEPT)
                        .build()
                        .toString());
        // Without scripts nobody knows which page it was: pages name no referrer.
        return part
                ? ResponseEntity.ok().build()
                : ResponseEntity.status(HttpStatus.FOUND)
                        .header(HttpHeaders.LOCATION, "/")
                        .build();
    }
}
