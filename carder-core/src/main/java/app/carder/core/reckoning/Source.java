package app.carder.core.reckoning;

/**
 * Where a rule or a figure comes from.
 *
 * @param name publication, table or trade habit
 * @param basis how far it can be relied on
 */
public record Source(String name, Basis basis) {

    /** How a figure was obtained. */
    public enum Basis {
        /** Follows from geometry or arithmetic alone. */
        DERIVED("follows by arithmetic"),
        /** Recalled from the named publication, not checked against it. */
        FROM_MEMORY("from memory of the source, check before you rely on it"),
        /** A habit of the trade; no publication. */
        COMMON_PRACTICE("common practice"),
        /** Typed in by somebody in the setting. */
        ENTERED("entered in your setting");

        private final String words;

        Basis(String words) {
            this.words = words;
        }

        /** For people. */
        public String words() {
            return words;
        }
    }

    /** Geometry and arithmetic. */
    public static Source derived(String name) {
        return new Source(name, Basis.DERIVED);
    }

    /** A publication, recalled. */
    public static Source fromMemory(String name) {
        return new Source(name, Basis.FROM_MEMORY);
    }

    /** A habit of the trade. */
    public static Source commonPractice(String name) {
        return new Source(name, Basis.COMMON_PRACTICE);
    }

    /** Typed in by the setting. */
    public static Source entered(String name) {
        return new Source(name, Basis.ENTERED);
    }

    /** For people: the name, and how far it can be relied on, where the name does not say it already. */
    public String forPeople() {
        return name.regionMatches(true, 0, basis.words(), 0, basis.words().length())
                ? name
                : name + " (" + basis.words() + ")";
    }
}
