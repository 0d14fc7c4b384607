package app.carder.core.watch;

import app.carder.core.said.Said;
import java.util.Arrays;

/**
 * How deep a child is in play, on five levels. After the involvement scale of Laevers (1994), from memory; the wording
 * is our own. The levels are ordered, not measured: no average is ever taken.
 */
public enum Involvement {
    NOT_ENGAGED(1),
    IN_SNATCHES(2),
    BUSY(3),
    INTENSE_MOMENTS(4),
    SUSTAINED(5);

    private final int level;

    Involvement(int level) {
        this.level = level;
    }

    /** 1 to 5. */
    public int level() {
        return level;
    }

    /** In two words. */
    public String words() {
        return Said.say("involvement." + name());
    }

    /** What is seen at this level. */
    public String signs() {
        return Said.say("involvement." + name() + ".signs");
    }

    /**
     * From its number.
     *
     * @throws IllegalArgumentException unless 1 to 5
     */
    public static Involvement ofLevel(int level) {
        return Arrays.stream(values())
                .filter(found -> found.level == level)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("Involvement must be 1 to 5, got %d.".formatted(level)));
    }
}
