package app.carder.web.room;

import app.carder.web.page.NotFound;
import java.util.Arrays;
import java.util.Locale;

/** The language that a room's records are written in: words are found in their forms of it. Its names are those of PostgreSQL's searches. */
public enum RecordLanguage {
    DANISH,
    DUTCH,
    ENGLISH,
    FINNISH,
    FRENCH,
    GERMAN,
    ITALIAN,
    NORWEGIAN,
    PORTUGUESE,
    SPANISH,
    SWEDISH,
    /** Another one, or several: words are found as they were written. */
    SIMPLE;

    /**
     * The language of a name.
     *
     * @throws NotFound if there is none
     */
    static RecordLanguage of(String name) {
        return Arrays.stream(values())
                .filter(one -> one.stored().equals(name))
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /** As the database and forms name it. */
    public String stored() {
        return name().toLowerCase(Locale.ROOT);
    }
}
