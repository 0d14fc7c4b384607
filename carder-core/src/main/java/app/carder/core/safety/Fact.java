package app.carder.core.safety;

/** A fact that a check needs, and that can be missing. The catalogue says what to measure or to ask. */
public enum Fact {
    /** The three outer measures of a piece. */
    SIZE,
    /** How long a cord is, or how far round a loop. */
    LENGTH,
    /** A hole, a gap, a neck. */
    OPENING,
    /** What it is made of and what it does. */
    PROPERTIES,
    /** Depth of a fill or number of pieces. */
    AMOUNT,
    /** Whether a name means what it seems to mean. */
    NAME,
    /** Whether something holds what a child must not have. */
    CONTENT,
    /** A child's birthday. */
    AGE,
    /** A child's allergies. */
    ALLERGIES,
    /** Who will be there. */
    ATTENDANCE
}
