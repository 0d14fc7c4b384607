package app.carder.web.journal;

import java.util.Locale;

/**
 * An entry in another language.
 *
 * @param language of it, as BCP 47 has it; empty where there is none
 * @param words of it
 * @param by who wrote it
 * @param checkedBy who speaks the language and signed it off; empty where nobody has, and then the family does not see it
 */
public record Translation(String language, String words, String by, String checkedBy) {

    /** None. */
    static final Translation NONE = new Translation("", "", "", "");

    /** Whether there is any. */
    public boolean isThere() {
        return !words.isBlank();
    }

    /** Whether somebody who speaks the language has signed it off. */
    public boolean isChecked() {
        return isThere() && !checkedBy.isEmpty();
    }

    /** The language, as whoever speaks it says. */
    public String inWords() {
        Locale locale = Locale.forLanguageTag(language);
        return locale.getDisplayLanguage(locale);
    }
}
