package app.carder.web.account;

import app.carder.web.page.BodyLimit;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRequestHandler;
import org.springframework.security.web.csrf.XorCsrfTokenRequestAttributeHandler;

/**
 * Looks for the token of a request with parts in its header and address only: to look among its fields would write all of its files to
 * the disk first, whoever sent them. The address goes nowhere else; pages name no referrer.
 */
final class TokenBeforeParts implements CsrfTokenRequestHandler {

    private final CsrfTokenRequestHandler tokens = new XorCsrfTokenRequestAttributeHandler();

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, Supplier<CsrfToken> token) {
        tokens.handle(request, response, token);
    }

    @Override
    public @Nullable String resolveCsrfTokenValue(HttpServletRequest request, CsrfToken token) {
        return tokens.resolveCsrfTokenValue(
                BodyLimit.isMultipart(request) ? new FieldsOfTheAddress(request) : request, token);
    }

    private static final class FieldsOfTheAddress extends HttpServletRequestWrapper {

        FieldsOfTheAddress(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable String getParameter(String name) {
            return Optional.ofNullable(getQueryString())
                    .flatMap(query -> Arrays.stream(query.split("&"))
                            .filter(pair -> pair.startsWith(name + "="))
                            .map(pair -> pair.substring(name.length() + 1))
                            .map(value -> URLDecoder.decode(value, StandardCharsets.UTF_8))
                            .findFirst())
                    .orElse(null);
        }
    }
}
