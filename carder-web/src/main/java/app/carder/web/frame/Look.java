package app.carder.web.frame;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How pages look in one browser. It is kept in a cookie there, since a tablet in the sun and a screen at a desk want different things.
 *
 * @param chosen one of its options for each choice
 */
public record Look(Map<Choice, String> chosen) {

    /** The name of the cookie. */
    static final String COOKIE = "carder-look";

    /** As everybody sees it who has chosen nothing. */
    static final Look USUAL = new Look(Map.of());

    /** What can be chosen; the first option of each says nothing on the page. In the order of the cookie: new ones come last. */
    public enum Choice {
        THEME("system", "light", "dark"),
        TEXT("usual", "larger", "largest"),
        CONTRAST("system", "usual", "more"),
        /** Where the keys of the watching screens lie. */
        THUMB("either", "right", "left"),
        /** How large they are: for bare fingers, or for gloves and wet hands. */
        KEYS("usual", "large"),
        /** What pages are said in: as the browser asks, or always the same. */
        LANGUAGE("system", "en", "de", "ar", "cy", "es", "fr", "ga", "pl", "ro", "tr", "uk", "ur");

        /** So many of the languages have words for the pages of staff; the others are for families. */
        private static final int FOR_STAFF = 3;

        private final List<String> options;

        Choice(String... options) {
            this.options = List.of(options);
        }

        /** The name of its field. */
        public String field() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** In the order of the page. */
        public List<String> options() {
            return this == LANGUAGE ? options.subList(0, FOR_STAFF) : options;
        }
    }

    /** Every choice is made: where nothing was said it is the first option. */
    public Look {
        Map<Choice, String> all = new EnumMap<>(Choice.class);
        for (Choice choice : Choice.values()) {
            all.put(choice, chosen.getOrDefault(choice, choice.options.get(0)));
        }
        chosen = Map.copyOf(all);
    }

    /** What a browser was told; the usual look where it was told nothing that is known. */
    static Look of(HttpServletRequest request) {
        return Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Arrays::stream)
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .flatMap(value -> ofCookie(value).stream())
                .findFirst()
                .orElse(USUAL);
    }

    /** Cookies from before a choice was there say nothing of it. */
    private static Optional<Look> ofCookie(String value) {
        List<String> said = new ArrayList<>(List.of(value.split("\\.")));
        return of(choice -> choice.ordinal() < said.size() ? said.get(choice.ordinal()) : choice.options.get(0));
    }

    /** A look of these options; empty where a choice has no such option. */
    static Optional<Look> of(Function<Choice, @Nullable String> said) {
        Map<Choice, String> chosen = new EnumMap<>(Choice.class);
        for (Choice choice : Choice.values()) {
            String option = said.apply(choice);
            if (option == null || !choice.options.contains(option)) {
                return Optional.empty();
            }
            chosen.put(choice, option);
        }
        return Optional.of(new Look(chosen));
    }

    Look with(Choice choice, String option) {
        Map<Choice, String> other = new EnumMap<>(chosen);
        other.put(choice, option);
        return new Look(other);
    }

    String cookie() {
        return Arrays.stream(Choice.values()).map(chosen::get).collect(Collectors.joining("."));
    }

    /** Whether an option is the chosen one. */
    public boolean isChosen(Choice choice, String option) {
        return option.equals(chosen.get(choice));
    }

    /** For the page; absent where it is the first option. */
    public @Nullable String said(String choice) {
        Choice of = Choice.valueOf(choice);
        String option = chosen.get(of);
        return of.options.get(0).equals(option) ? null : option;
    }
}
