package app.carder.core.journal;

/**
 * In what an entry can bring something that the others do not. The weights are our own: areas count most, then the time of the period,
 * then what makes an entry a child's own.
 */
public enum Facet {
    /** An area of the framework. */
    AREA(1.0),
    /** A stretch of the period. */
    TIME(0.8),
    /** The child's own words: spoken, signed or pointed. */
    VOICE(0.4),
    /** The card or what was played with. */
    CARD(0.4),
    /** The place where it was. */
    PLACE(0.3),
    /** A photo that the family may see. */
    PHOTO(0.3),
    /** The adult who wrote it. */
    ADULT(0.2),
    /** What to offer next. */
    NEXT_STEP(0.2);

    private final double weight;

    Facet(double weight) {
        this.weight = weight;
    }

    /** What the first entry that shows one value of it adds to the objective. */
    public double weight() {
        return weight;
    }
}
