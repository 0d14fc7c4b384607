package app.carder.core.card;

/** What a card may have at most, stated once: the form, the reader of card files and the service hold to the same. */
public final class CardLimits {

    /** Longest title and place, in letters. */
    public static final int LONGEST_LINE = 120;

    /** Longest of the other texts, in letters. */
    public static final int LONGEST_TEXT = 2000;

    /** Things that are poured or counted. */
    public static final int MOST_LINES = 8;

    /** Pieces of one thing. */
    public static final int MOST_PIECES = 10_000;

    /** Pieces that are moved by hand. */
    public static final int MOST_PLACES = 400;

    /** Answers of calculators. */
    public static final int MOST_KEPT = 12;

    /** Steps of the preparation. */
    public static final int MOST_STEPS = 12;

    /** Work of one step in minutes. */
    public static final int MOST_HANDS_ON_MINUTES = 720;

    /** Waiting after one step in hours. */
    public static final int MOST_WAITING_HOURS = 720;

    private CardLimits() {}
}
