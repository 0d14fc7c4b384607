package app.carder.core.watch;

import java.util.Arrays;

/**
 * How deep a child is in play, on five levels. After the involvement scale of Laevers (1994), from memory; the wording
 * is our own. The levels are ordered, not measured: no average is ever taken.
 */
public enum Involvement {
    NOT_ENGAGED(1, "Not engaged", "Stares, wanders; what the hands do is empty."),
    IN_SNATCHES(2, "In snatches", "Engaged for moments, broken off often."),
    BUSY(3, "Busy", "Busy most of the time, by routine, with little energy."),
    INTENSE_MOMENTS(4, "Intense moments", "Busy, with clear moments of intense attention."),
    SUSTAINED(5, "Sustained", "Intense all along and hard to distract.");

    private final int level;
    private final String name;
    private final String signs;

    Involvement(int level, String name, String signs) {
        this.level = level;
        this.name = name;
        this.signs = signs;
    }

    /** 1 to 5. */
    public int level() {
        return level;
    }

    /** In two words. */
    public String words() {
        return name;
    }

    /** What is seen at this level. */
    public String signs() {
        return signs;
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
