package app.carder.core.watch;

import java.util.Arrays;

/**
 * How much at ease a child is, on five levels. After the well-being scale of Laevers (1994), from memory; the wording is
 * our own. The levels are ordered, not measured: no average is ever taken.
 */
public enum WellBeing {
    DISTRESSED(1, "Distressed", "Clearly in distress most of the time: cries, freezes, hides."),
    UNEASY(2, "Uneasy", "More signs of discomfort than of ease."),
    MIXED(3, "Mixed", "Neither at ease nor upset; flat, or now one, now the other."),
    MOSTLY_AT_EASE(4, "Mostly at ease", "At ease, with some moments less so."),
    AT_EASE(5, "At ease", "Relaxed, lively and open all along.");

    private final int level;
    private final String name;
    private final String signs;

    WellBeing(int level, String name, String signs) {
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
    public static WellBeing ofLevel(int level) {
        return Arrays.stream(values())
                .filter(found -> found.level == level)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Well-being must be 1 to 5, got %d.".formatted(level)));
    }
}
