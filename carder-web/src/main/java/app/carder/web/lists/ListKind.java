package app.carder.web.lists;

import app.carder.core.said.Said;
import app.carder.web.page.NotFound;
import java.util.Arrays;
import java.util.Locale;

/** Which list. */
public enum ListKind {
    /** What is to be done so that cards are ready. */
    PREPARATION,
    /** What is put out, moved and put away, where. */
    SET_OUT,
    /** What the week takes and the cupboard does not have. */
    SHOPPING;

    /** For people. */
    public String words() {
        return Said.say("list." + name());
    }

    /** Whether there is one for each day. */
    public boolean isOfADay() {
        return this == SET_OUT;
    }

    /** Whether there is one for each week. */
    public boolean isOfAWeek() {
        return this == SHOPPING;
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
