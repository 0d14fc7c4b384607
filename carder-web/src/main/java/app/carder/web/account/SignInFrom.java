package app.carder.web.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.io.Serializable;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where a try to sign in comes from.
 *
 * @param address of the network, as far as one household or nursery has it: all of IPv4, the first 64 bits of IPv6
 * @param browserHash of the token that a browser got when its owner signed in; absent where it has none
 */
record SignInFrom(String address, @Nullable String browserHash) implements Serializable {

    static final String COOKIE = "KNOWN";

    private static final int GROUPS_OF_A_NETWORK = 4;

    static SignInFrom of(HttpServletRequest request) {
        return new SignInFrom(
                network(request.getRemoteAddr()),
                token(request).map(LinkSecrets::hash).orElse(null));
    }

    /** What a browser shows of having been here before. */
    static Optional<String> token(HttpServletRequest request) {
        return Stream.ofNullable(request.getCookies())
                .flatMap(Arrays::stream)
                .filter(cookie ->
                        cookie.getName().equals(COOKIE) || cookie.getName().equals(Cookies.PREFIX + COOKIE))
                .map(Cookie::getValue)
                .filter(value -> value.length() == LinkSecrets.TOKEN_LENGTH)
                .findFirst();
    }

    Optional<String> browser() {
        return Optional.ofNullable(browserHash);
    }

    /** Whoever has an IPv6 address has all of its lower half, and could be somebody else at each try. */
    private static String network(String address) {
        if (!address.contains(":")) {
            return address;
        }
        String[] halves = address.toLowerCase(Locale.ROOT).split("::", 2);
        String[] groups = halves[0].split(":");
        StringBuilder network = new StringBuilder();
        for (int i = 0; i < GROUPS_OF_A_NETWORK; i++) {
            network.append(i < groups.length && !groups[i].isEmpty() ? groups[i] : "0")
                    .append(':');
        }
        return network + ":";
    }
}
