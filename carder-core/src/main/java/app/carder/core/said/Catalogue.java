package app.carder.core.said;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
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
 * Words by code and language: files in English ({@code catalogue.properties}), and one more beside each for each other language
 * ({@code catalogue_de.properties}). What a language does not have is said in English. Words are patterns of ICU's
 * {@link MessageFormat}: plurals and choices stand in the words, where each language has its own.
 *
 * <p>Which files there are stands in the {@code META-INF/catalogues} of each module, a name on each line.
 */
public final class Catalogue {

    private static final String LISTS = "META-INF/catalogues";

    /** The first of the core's files. */
    public static final String CORE = "app.carder.core.said.catalogue";

    /** Where the words about safety and consent are: said wrongly they could hurt. */
    private static final Set<String> GRAVE = Set.of(
            "adult",
            "allergen",
            "breach",
            "care",
            "care-kind",
            "fact",
            "finding",
            "gap",
            "gate",
            "home-safety",
            "level",
            "pet",
            "photo-use",
            "rule",
            "trait");

    /** Under this code each language names who has checked those words and speaks it; empty where nobody has. */
    private static final String CHECKED_BY = "language.checked-by";

    private static final Object[] NOTHING = {};

    /** All words in English. */
    public static final Catalogue ENGLISH = of(Locale.UK);

    /** What everything is said in while this thread answers somebody. */
    private static final ThreadLocal<Catalogue> SPOKEN = ThreadLocal.withInitial(() -> ENGLISH);

    private final Locale locale;
    private final Map<String, String> words;
    private final Map<String, MessageFormat> patterns = new ConcurrentHashMap<>();
    /** What is said about nothing: most of all that is said. */
    private final Map<String, String> plain = new ConcurrentHashMap<>();

    private final boolean isToBeDoubted;

    private Catalogue(Locale locale, Map<String, String> words) {
        this.locale = locale;
        this.words = words;
        isToBeDoubted = !locale.getLanguage().equals(Locale.ENGLISH.getLanguage())
                && words.getOrDefault(CHECKED_BY, "").isEmpty();
    }

    /** All words, in a language. */
    public static Catalogue of(Locale locale) {
        return of(locale, files());
    }

    /** The names of all files of words. */
    public static List<String> files() {
        List<String> files = new ArrayList<>();
        try {
            for (URL list : Collections.list(Catalogue.class.getClassLoader().getResources(LISTS))) {
                try (InputStream in = list.openStream()) {
                    new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .forEach(files::add);
                }
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException("The lists of files of words cannot be read.", unreadable);
        }
        return List.copyOf(files);
    }

    /** The words of whoever is answered in this thread; English where nobody said otherwise. */
    public static Catalogue spoken() {
        return SPOKEN.get();
    }

    /** Everything that this thread says is said in these words, until what is returned is closed. */
    public Spoken speak() {
        Catalogue before = SPOKEN.get();
        SPOKEN.set(this);
        return () -> SPOKEN.set(before);
    }

    /** While it is open, a thread speaks a language. */
    public interface Spoken extends AutoCloseable {

        @Override
        void close();
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

    /** The same codes in a language that nobody speaks, which shows what is not in it, and what is cut off once words are longer. */
    public Catalogue pseudo() {
        Map<String, String> longer = new HashMap<>();
        words.forEach((code, pattern) -> longer.put(code, PseudoLanguage.of(pattern)));
        return new Catalogue(PseudoLanguage.LOCALE, longer);
    }

    /** Whether nobody who speaks the language has checked its words about safety and consent. */
    public boolean isToBeDoubted() {
        return isToBeDoubted;
    }

    /** The language. */
    public Locale locale() {
        return locale;
    }

    /** Every code that has words. */
    public Set<String> codes() {
        return Collections.unmodifiableSet(words.keySet());
    }

    /**
     * In words. What is grave stands in English beside it, as long as nobody who speaks the language has checked it.
     *
     * @throws IllegalArgumentException if the catalogue does not have the code
     */
    public String say(Said said) {
        String spoken = inWords(said);
        if (!isToBeDoubted || !isGrave(said)) {
            return spoken;
        }
        String english = ENGLISH.inWords(said);
        return spoken.equals(english) ? spoken : "%s [%s]".formatted(spoken, english);
    }

    /**
     * In words, by the code alone.
     *
     * @param arguments in the order of the words; what is {@link Said} is said in its turn
     * @throws IllegalArgumentException if the catalogue does not have the code
     */
    public String say(String code, Object... arguments) {
        return say(Said.of(code, arguments));
    }

    private static boolean isGrave(Said said) {
        return GRAVE.contains(said.code().substring(0, Math.max(0, said.code().indexOf('.'))))
                || (said.code().equals(Said.IN_SMALL_LETTERS) || said.code().equals(Said.ONE_AFTER_THE_OTHER))
                        && said.arguments().stream().anyMatch(one -> one instanceof Said inner && isGrave(inner));
    }

    private String inWords(Said said) {
        List<Object> arguments = said.arguments();
        return switch (said.code()) {
            case Said.AS_TYPED -> String.valueOf(arguments.get(0));
            case Said.ONE_AFTER_THE_OTHER ->
                arguments.stream().map(this::argument).map(String::valueOf).collect(Collectors.joining(", "));
            case Said.IN_SMALL_LETTERS ->
                String.valueOf(argument(arguments.get(0))).toLowerCase(locale);
            default ->
                arguments.isEmpty()
                        ? plain.computeIfAbsent(
                                said.code(), code -> pattern(code, locale).format(NOTHING))
                        : filled(said.code(), arguments);
        };
    }

    private String filled(String code, List<Object> arguments) {
        MessageFormat pattern = patterns.computeIfAbsent(code, one -> pattern(one, locale));
        Object[] inWords = arguments.stream().map(this::argument).toArray();
        // A pattern must not be used by two threads at once; to wait is far shorter than to copy it.
        synchronized (pattern) {
            return pattern.format(inWords);
        }
    }

    private MessageFormat pattern(String code, Locale language) {
        return new MessageFormat(pattern(code), language);
    }

    private Object argument(Object argument) {
        if (argument instanceof Said said) {
            return inWords(said);
        }
        if (argument instanceof LocalTime time) {
            return Dates.time(time);
        }
        if (argument instanceof LocalDate day) {
            return Dates.day(day, locale);
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
