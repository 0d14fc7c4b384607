package app.carder.core.watch;

import app.carder.core.said.Said;
import java.util.Arrays;

/**
 * How much at ease a child is, on five levels. After the well-being scale of Laevers (1994), from memory; the wording is
 * our own. The levels are ordered, not measured: no average is ever taken.
 */
public enum WellBeing {
    DISTRESSED(1),
    UNEASY(2),
    MIXED(3),
    MOSTLY_AT_EASE(4),
    AT_EASE(5);

    private final int level;

    WellBeing(int level) {
        this.level = level;
    }

    /** 1 to 5. */
    public int level() {
        return level;
    }

    /** In two words. */
    public String words() {
        return Said.say("well-being." + name());
    }

    /** What is seen at this level. */
    public String signs() {
        return Said.say("well-being." + name() + ".signs");
    }

    /**
     * From its number.
     *
     * @throws IllegalArgumentException unless 1 to 5
     */
    public static WellBeing ofLevel(int level) {
        return Arrays.stream(values())
                .filter(found -> found.level == level)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Well-being must be 1 to 5, got %d.".formatted(level)));
    }
}
