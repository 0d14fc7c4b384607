package app.carder.web.frame;

import app.carder.core.said.Catalogue;
import app.carder.core.said.Catalogue.Spoken;
import app.carder.web.page.HomeLanguage;
import app.carder.web.page.Words;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.LocaleResolver;

/**
 * Everybody is answered in the language that was chosen in their browser; where none was, in the first that it asks for and that there
 * is. Everything that is said while a request is answered is said in it.
 */
@Component("localeResolver")
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class SpokenLanguage extends OncePerRequestFilter implements LocaleResolver {

    /** What families read: more languages are spoken there than on the pages of staff. */
    private static final List<String> HOME = List.of("/family", "/open", "/home");

    private static final String LINK = "/open/";

    private final Words words;

    SpokenLanguage(Words words) {
        this.words = words;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try (Spoken language = of(request).speak()) {
            chain.doFilter(request, response);
        }
    }

    /** An error is told in the same language. */
    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }

    private Catalogue of(HttpServletRequest request) {
        boolean atHome = HOME.stream().anyMatch(request.getRequestURI()::startsWith);
        String chosen = Look.of(request).said("LANGUAGE");
        String asked = request.getRequestURI().startsWith(LINK) ? request.getParameter(HomeLanguage.ASKED_FOR) : null;
        Stream<Locale> wanted = Stream.of(asked, chosen).anyMatch(Objects::nonNull)
                ? Stream.of(asked, chosen).filter(Objects::nonNull).map(Locale::forLanguageTag)
                : Collections.list(request.getLocales()).stream();
        return wanted.map(words::known)
                .flatMap(Optional::stream)
                .filter(catalogue -> atHome || words.isForEverybody(catalogue))
                .findFirst()
                .orElse(Catalogue.ENGLISH);
    }

    @Override
    public Locale resolveLocale(HttpServletRequest request) {
        return Catalogue.spoken().locale();
    }

    @Override
    public void setLocale(HttpServletRequest request, @Nullable HttpServletResponse response, @Nullable Locale locale) {
        throw new UnsupportedOperationException("A language is chosen with how pages look.");
    }
}
