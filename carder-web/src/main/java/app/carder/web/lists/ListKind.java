package app.carder.web.lists;

import app.carder.web.page.NotFound;
import java.util.Arrays;
import java.util.Locale;

/** Which list. */
public enum ListKind {
    /** What is to be done so that cards are ready. */
    PREPARATION("Preparation"),
    /** What is put out, moved and put away, where. */
    SET_OUT("Set-out"),
    /** What the week takes and the cupboard does not have. */
    SHOPPING("Shopping");

    private final String words;

    ListKind(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** As addresses name it. */
    public String path() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * From its name in an address.
     *
     * @throws NotFound if there is no such list
     */
    static ListKind ofPath(String path) {
        return Arrays.stream(values())
                .filter(kind -> kind.path().equals(path))
                .findFirst()
                .orElseThrow(NotFound::new);
    }
}
