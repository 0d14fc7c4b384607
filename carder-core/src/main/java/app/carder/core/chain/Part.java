package app.carder.core.chain;

/** What an entry of a log consists of. Each part is committed to by itself, so that one can be erased and the others still be proven. */
public enum Part {
    /** What was done, and when. */
    DEED,
    /** Who did it. */
    PERSON,
    /** To whose record, and what stood there. */
    SUBJECT
}
