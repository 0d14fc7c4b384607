package app.carder.web.page;

import app.carder.core.said.Catalogue;
import java.io.IOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * Every word of the pages: one file for each feature below {@code messages/}, with one more for each other language
 * ({@code today_de.properties}), and what the core says.
 */
@Component("messageSource")
public final class Words implements MessageSource {

    private static final String FILES = "classpath*:messages/*_*.properties";
    /** Who has words for the frame of the pages has them for everybody; the others are for what families read. */
    private static final String FOR_EVERYBODY = "frame_";

    private static final String NOBODYS = "XA";
    private static final Object[] NOTHING = {};

    private final Map<String, Catalogue> others = new HashMap<>();
    private final Set<String> forEverybody = new HashSet<>();
    private final Optional<Catalogue> pseudo;

    /**
     * Reads all files.
     *
     * @param pseudo whether a language that nobody speaks is among them: {@code en-XA}
     */
    Words(@Value("${carder.pseudo-language:false}") boolean pseudo) throws IOException {
        for (Resource file : new PathMatchingResourcePatternResolver().getResources(FILES)) {
            String name = Objects.requireNonNull(file.getFilename());
            String language = name.substring(name.lastIndexOf('_') + 1, name.lastIndexOf('.'));
            if (name.startsWith(FOR_EVERYBODY)) {
                forEverybody.add(language);
            }
            others.computeIfAbsent(language, one -> Catalogue.of(Locale.forLanguageTag(one)));
        }
        this.pseudo = pseudo ? Optional.of(Catalogue.ENGLISH.pseudo()) : Optional.empty();
    }

    /** All words in a language; English where it has none. */
    public Catalogue in(@Nullable Locale locale) {
        return locale == null ? Catalogue.ENGLISH : known(locale).orElse(Catalogue.ENGLISH);
    }

    /** The languages that there are for what families read, in the order of their codes; those for everybody among them. */
    public List<String> atHome() {
        return Stream.concat(Stream.of(Locale.ENGLISH.getLanguage()), others.keySet().stream())
                .sorted()
                .toList();
    }

    /** The same, named as whoever speaks them does. */
    public List<HomeLanguage> homeLanguages() {
        Locale spoken = Catalogue.spoken().locale();
        return atHome().stream().map(code -> HomeLanguage.of(code, spoken)).toList();
    }

    /** All words in the language that somebody wants to be written to in; as this thread speaks where nobody said, or it is not known. */
    public Catalogue wanted(String language) {
        return language.isEmpty()
                ? Catalogue.spoken()
                : known(Locale.forLanguageTag(language)).orElseGet(Catalogue::spoken);
    }

    /** Whether every page has words in a language, those for staff too. */
    public boolean isForEverybody(Catalogue catalogue) {
        String language = catalogue.locale().getLanguage();
        return language.equals(Locale.ENGLISH.getLanguage()) || forEverybody.contains(language);
    }

    /** All words in a language; absent where nobody wrote them. */
    public Optional<Catalogue> known(Locale locale) {
        if (locale.getCountry().equals(NOBODYS)) {
            return pseudo;
        }
        return locale.getLanguage().equals("en")
                ? Optional.of(Catalogue.ENGLISH)
                : Optional.ofNullable(others.get(locale.getLanguage()));
    }

    @Override
    public @Nullable String getMessage(
            String code, Object @Nullable [] arguments, @Nullable String otherwise, @Nullable Locale locale) {
        Catalogue words = in(locale);
        return words.codes().contains(code) ? words.say(code, arguments == null ? NOTHING : arguments) : otherwise;
    }

    @Override
    public String getMessage(String code, Object @Nullable [] arguments, @Nullable Locale locale)
            throws NoSuchMessageException {
        String words = getMessage(code, arguments, null, locale);
        if (words == null) {
            throw new NoSuchMessageException(code, locale == null ? Locale.UK : locale);
        }
        return words;
    }

    @Override
    public String getMessage(MessageSourceResolvable message, @Nullable Locale locale) throws NoSuchMessageException {
        for (String code : Objects.requireNonNullElse(message.getCodes(), new String[0])) {
            String words = getMessage(code, message.getArguments(), null, locale);
            if (words != null) {
                return words;
            }
        }
        String otherwise = message.getDefaultMessage();
        if (otherwise == null) {
            throw new NoSuchMessageException(String.valueOf(message), locale == null ? Locale.UK : locale);
        }
        return otherwise;
    }
}
