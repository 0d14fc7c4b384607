package app.carder.core.safety;

/** Whether something holds, where not knowing is an answer of its own. Kleene's strong three-valued logic. */
enum Truth {
    NO,
    UNKNOWN,
    YES;

    static Truth of(boolean known) {
        return known ? YES : NO;
    }

    /** As true as the less true one. */
    Truth and(Truth other) {
        return compareTo(other) <= 0 ? this : other;
    }

    /** As true as the truer one. */
    Truth or(Truth other) {
        return compareTo(other) >= 0 ? this : other;
    }

    Truth not() {
        return this == UNKNOWN ? UNKNOWN : of(this == NO);
    }
}
