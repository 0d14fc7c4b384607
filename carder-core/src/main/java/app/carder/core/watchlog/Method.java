package app.carder.core.watchlog;

/** Ways to watch. */
public enum Method {
    /** Taps while one or several children play. */
    PLAY,
    /** A look every few minutes. */
    SAMPLE,
    /** A path along the plan of the room. */
    MAP,
    /** Tallies, tries, scores, groups, comparisons. */
    COUNT,
    /** Words that were heard. */
    LISTEN
}
