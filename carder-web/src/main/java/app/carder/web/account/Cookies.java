package app.carder.web.account;

import app.carder.web.page.PublicAddress;
import java.time.Duration;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * Names and flags of our cookies. Where people come by TLS they are Secure and begin with {@code __Host-}: no other host, and no page without
 * TLS, can then set or read them (RFC 6265bis, section 4.1.3.2).
 */
@Component
class Cookies {

    static final String PREFIX = "__Host-";

    private final boolean secure;

    Cookies(PublicAddress address) {
        this.secure = address.isHttps();
    }

    String name(String plain) {
        return secure ? PREFIX + plain : plain;
    }

    boolean areSecure() {
        return secure;
    }

    /** One that scripts cannot read and no other site has sent along. */
    ResponseCookie own(String plain, String value, Duration lasts) {
        return cookie(plain, value, lasts, "Strict");
    }

    /** The same, but sent along when a link leads here from a mail. */
    ResponseCookie fromMail(String plain, String value, Duration lasts) {
        return cookie(plain, value, lasts, "Lax");
    }

    private ResponseCookie cookie(String plain, String value, Duration lasts, String sameSite) {
        return ResponseCookie.from(name(plain), value)
                .httpOnly(true)
                .secure(secure)
                .sameSite(sameSite)
                .path("/")
                .maxAge(lasts)
                .build();
    }
}
