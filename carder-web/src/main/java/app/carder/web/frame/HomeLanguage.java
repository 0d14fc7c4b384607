package app.carder.web.frame;

import com.ibm.icu.util.ULocale;
import java.util.Locale;

/**
 * A language that families can read in.
 *
 * @param code of it
 * @param name as whoever speaks it says
 * @param isChosen whether it is spoken now
 */
public record HomeLanguage(String code, String name, boolean isChosen) {

    static HomeLanguage of(String code, Locale spoken) {
        Locale locale = Locale.forLanguageTag(code);
        return new HomeLanguage(
                code, locale.getDisplayLanguage(locale), spoken.getLanguage().equals(code));
    }

    /** Whether it is written from right to left (Unicode CLDR). */
    public static boolean isRightToLeft(Locale locale) {
        return ULocale.forLocale(locale).isRightToLeft();
    }
}
