package app.carder.web.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;

/**
 * What a browser at home keeps, so that it opens by itself. It is sent along when somebody comes from a link in their mail, unlike our
 * other cookies, and so names nothing and opens nothing by itself but the way in.
 */
@Component
public class HomeCookie {

    /** The way in. */
    public static final String PATH = "/home";

    private static final String NAME = "carder-home";
    /** The longest that browsers keep a cookie: 400 days (RFC 6265bis). When it ends, the server decides. */
    private static final Duration LASTS = Duration.ofDays(400);

    private final Cookies cookies;

    HomeCookie(Cookies cookies) {
        this.cookies = cookies;
    }

    /** What the browser keeps. */
    public Optional<String> of(HttpServletRequest request) {
        Cookie[] all = request.getCookies();
        return all == null
                ? Optional.empty()
                : Arrays.stream(all)
                        .filter(cookie -> cookie.getName().equals(cookies.name(NAME)))
                        .map(Cookie::getValue)
                        .findFirst();
    }

    /** Gives it to the browser. */
    public void save(String token, HttpServletResponse response) {
        set(token, LASTS, response);
    }

    /** Takes it away. */
    public void forget(HttpServletResponse response) {
        set("", Duration.ZERO, response);
    }

    private void set(String token, Duration lasts, HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE, cookies.fromMail(NAME, token, lasts).toString());
    }
}
