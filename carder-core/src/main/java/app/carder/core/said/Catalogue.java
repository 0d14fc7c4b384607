package app.carder.core.said;

import com.ibm.icu.text.MessageFormat;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/**
 * Words by code and language: one file in English ({@code catalogue.properties}), and one more for each other language
 * ({@code catalogue_de.properties}). What a language does not have is said in English. Words are patterns of ICU's
 * {@link MessageFormat}: plurals and choices stand in the words, where each language has its own.
 */
public final class Catalogue {

    /** What the core says. */
    public static final String CORE = "app.carder.core.said.catalogue";

    /** The core's words in English. */
    public static final Catalogue ENGLISH = of(Locale.UK);

    private final Locale locale;
    private final Map<String, String> words;
    private final Map<String, MessageFormat> patterns = new ConcurrentHashMap<>();

    private Catalogue(Locale locale, Map<String, String> words) {
        this.locale = locale;
        this.words = words;
    }

    /** What the core says, in a language. */
    public static Catalogue of(Locale locale) {
        return of(locale, List.of(CORE));
    }

    /**
     * The words of several files.
     *
     * @throws IllegalStateException if two of them have words for the same code
     */
    public static Catalogue of(Locale locale, List<String> files) {
        Map<String, String> words = new HashMap<>();
        for (String file : files) {
            ResourceBundle bundle = ResourceBundle.getBundle(
                    file,
                    locale,
                    ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
            for (String code : bundle.keySet()) {
                if (words.put(code, bundle.getString(code)) != null) {
                    throw new IllegalStateException(
                            "Words for %s must stand in one file, got %s.".formatted(code, file));
                }
            }
        }
        return new Catalogue(locale, words);
    }

    /** Every code that has words. */
    public Set<String> codes() {
        return Collections.unmodifiableSet(words.keySet());
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
            default -> say(said.code(), arguments.toArray());
        };
    }

    /**
     * In words, by the code alone.
     *
     * @param arguments in the order of the words; what is {@link Said} is said in its turn
     * @throws IllegalArgumentException if the catalogue does not have the code
     */
    public String say(String code, Object... arguments) {
        MessageFormat pattern = patterns.computeIfAbsent(code, one -> new MessageFormat(pattern(one), locale));
        Object[] inWords = new Object[arguments.length];
        for (int at = 0; at < arguments.length; at++) {
            inWords[at] = argument(arguments[at]);
        }
        // A pattern must not be used by two threads at once; to wait is far shorter than to copy it.
        synchronized (pattern) {
            return pattern.format(inWords);
        }
    }

    /** Days and times have one form everywhere. */
    private Object argument(Object argument) {
        if (argument instanceof Said said) {
            return say(said);
        }
        if (argument instanceof LocalTime time) {
            return time.format(DateTimeFormatter.ofPattern("HH:mm", locale));
        }
        if (argument instanceof LocalDate day) {
            return day.format(
                    DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(locale));
        }
        return argument;
    }

    /**
     * The words as they stand in the file.
     *
     * @throws IllegalArgumentException if the catalogue does not have the code
     */
    public String pattern(String code) {
        String pattern = words.get(code);
        if (pattern == null) {
            throw new IllegalArgumentException("Catalogue must have the words for %s.".formatted(code));
        }
        return pattern;
    }
}
