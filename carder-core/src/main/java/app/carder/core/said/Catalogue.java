package app.carder.core.said;

import java.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/**
 * The words for what the core says, by language: {@code catalogue.properties} in English, and one file more for each other language
 * ({@code catalogue_de.properties}). What a language does not have is said in English. Words are patterns of
 * {@link MessageFormat}.
 */
public final class Catalogue {

    /** The words that ship. */
    public static final Catalogue ENGLISH = new Catalogue(Locale.UK);

    private static final String BUNDLE = "app.carder.core.said.catalogue";

    private final Locale locale;
    private final ResourceBundle words;
    private final Map<String, MessageFormat> patterns = new ConcurrentHashMap<>();

    private Catalogue(Locale locale) {
        this.locale = locale;
        this.words = ResourceBundle.getBundle(
                BUNDLE, locale, ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
    }

    /** In a language; in English where there is no file for it. */
    public static Catalogue of(Locale locale) {
        return new Catalogue(locale);
    }

    /** Every code that has words. */
    public Set<String> codes() {
        return words.keySet();
    }

    /**
     * In words.
     *
     * @throws IllegalArgumentException if the catalogue does not have the code
     */
    public String say(Said said) {
        List<Object> arguments = said.arguments();
        return switch (said.code()) {
            case Said.AS_TYPED -> String.valueOf(arguments.get(0));
            case Said.ONE_AFTER_THE_OTHER ->
                arguments.stream().map(this::argument).map(String::valueOf).collect(Collectors.joining(", "));
            case Said.IN_SMALL_LETTERS ->
                String.valueOf(argument(arguments.get(0))).toLowerCase(locale);
            default ->
                format(said.code(), arguments.stream().map(this::argument).toArray());
        };
    }

    private Object argument(Object argument) {
        return argument instanceof Said said ? say(said) : argument;
    }

    private String format(String code, Object[] arguments) {
        MessageFormat pattern = patterns.computeIfAbsent(code, this::pattern);
        // A pattern must not be used by two threads at once.
        return ((MessageFormat) pattern.clone()).format(arguments);
    }

    private MessageFormat pattern(String code) {
        try {
            return new MessageFormat(words.getString(code), locale);
        } catch (MissingResourceException missing) {
            throw new IllegalArgumentException("Catalogue must have the words for %s.".formatted(code), missing);
        }
    }
}
