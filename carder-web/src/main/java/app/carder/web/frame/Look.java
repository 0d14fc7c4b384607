package app.carder.web.frame;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How pages look in one browser. It is kept in a cookie there, since a tablet in the sun and a screen at a desk want different things.
 *
 * @param theme {@code light}, {@code dark}, or {@code system}
 * @param text {@code usual}, {@code larger} or {@code largest}
 * @param contrast {@code more}, {@code usual}, or {@code system}
 */
public record Look(String theme, String text, String contrast) {

    /** The name of the cookie. */
    static final String COOKIE = "carder-look";

    static final List<String> THEMES = List.of("system", "light", "dark");
    static final List<String> TEXTS = List.of("usual", "larger", "largest");
    static final List<String> CONTRASTS = List.of("system", "usual", "more");

    /** As the system says. */
    static final Look SYSTEM = new Look("system", "usual", "system");

    /** What a browser was told; as the system says where it was told nothing that is known. */
    static Look of(HttpServletRequest request) {
        return Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Arrays::stream)
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .flatMap(value -> of(value.split("\\.")).stream())
                .findFirst()
                .orElse(SYSTEM);
    }

    private static Optional<Look> of(String... said) {
        return said.length == 3 ? of(said[0], said[1], said[2]) : Optional.empty();
    }

    /** A look of these choices; empty where there is no such choice. */
    static Optional<Look> of(String theme, String text, String contrast) {
        return THEMES.contains(theme) && TEXTS.contains(text) && CONTRASTS.contains(contrast)
                ? Optional.of(new Look(theme, text, contrast))
                : Optional.empty();
    }

    String cookie() {
        return String.join(".", theme, text, contrast);
    }

    /** For the page; absent where the system decides. */
    public @Nullable String chosenTheme() {
        return theme.equals("system") ? null : theme;
    }

    /** For the page; absent where the system decides. */
    public @Nullable String chosenContrast() {
        return contrast.equals("system") ? null : contrast;
    }

    /** For the page; absent where it is usual. */
    public @Nullable String chosenText() {
        return text.equals("usual") ? null : text;
    }
}
