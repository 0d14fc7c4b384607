package app.carder.web.page;

import app.carder.core.said.Catalogue;
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

    /** A page of a link is asked for in a language by this name: a browser that opens its first link has chosen none yet. */
    public static final String ASKED_FOR = "in";

    static HomeLanguage of(String code, Locale spoken) {
        Locale locale = Locale.forLanguageTag(code);
        return new HomeLanguage(
                code, locale.getDisplayLanguage(locale), spoken.getLanguage().equals(code));
    }

    /** How what is said now is written, as HTML's {@code dir} has it. */
    public static String direction() {
        return isRightToLeft(Catalogue.spoken().locale()) ? "rtl" : "ltr";
    }

    /** Whether it is written from right to left (Unicode CLDR). */
    public static boolean isRightToLeft(Locale locale) {
        return ULocale.forLocale(locale).isRightToLeft();
    }
}
