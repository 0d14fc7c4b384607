package app.carder.web.page;

import app.carder.core.said.Catalogue;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
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

    private static final String FILES = "classpath*:messages/*.properties";
    private static final Object[] NOTHING = {};

    private final Catalogue english;
    private final Map<String, Catalogue> others = new HashMap<>();

    Words() throws IOException {
        List<String> files = new ArrayList<>(List.of(Catalogue.CORE));
        Set<String> languages = new HashSet<>();
        for (Resource file : new PathMatchingResourcePatternResolver().getResources(FILES)) {
            String[] name = Objects.requireNonNull(file.getFilename())
                    .replace(".properties", "")
                    .split("_");
            if (name.length == 1) {
                files.add("messages." + name[0]);
            } else {
                languages.add(name[1]);
            }
        }
        english = Catalogue.of(Locale.UK, files);
        languages.forEach(one -> others.put(one, Catalogue.of(Locale.forLanguageTag(one), files)));
    }

    /** All words in a language; English where it has none. */
    public Catalogue in(@Nullable Locale locale) {
        return locale == null ? english : others.getOrDefault(locale.getLanguage(), english);
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
