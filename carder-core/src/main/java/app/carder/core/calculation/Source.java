package app.carder.core.calculation;

import app.carder.core.said.Said;

/**
 * Where a rule or a figure comes from.
 *
 * @param name publication, table or trade habit; a publication is named as it is in every language
 * @param basis how far it can be relied on
 */
public record Source(Said name, Basis basis) {

    /** How a figure was obtained. */
    public enum Basis {
        /** Follows from geometry or arithmetic alone. */
        DERIVED,
        /** Recalled from the named publication, not checked against it. */
        FROM_MEMORY,
        /** A habit of the trade; no publication. */
        COMMON_PRACTICE,
        /** Typed in by somebody in the setting. */
        ENTERED;

        /** For people. */
        public String words() {
            return Said.say("basis." + name());
        }
    }

    /** Geometry and arithmetic. */
    public static Source derived(Said name) {
        return new Source(name, Basis.DERIVED);
    }

    /** A publication, recalled. */
    public static Source fromMemory(String publication) {
        return new Source(Said.typed(publication), Basis.FROM_MEMORY);
    }

    /** A habit of the trade. */
    public static Source commonPractice(Said name) {
        return new Source(name, Basis.COMMON_PRACTICE);
    }

    /** Typed in by the setting. */
    public static Source entered(Said name) {
        return new Source(name, Basis.ENTERED);
    }

    /** For people: the name, and how far it can be relied on, where the name does not say it already. */
    public String forPeople() {
        String named = name.words();
        String how = basis.words();
        return named.regionMatches(true, 0, how, 0, how.length()) ? named : named + " (" + how + ")";
    }
}
