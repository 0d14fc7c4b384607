package app.carder.core.safety;

import app.carder.core.said.Said;

/** How strict a finding is. In order of weight. */
public enum Level {
    /** Cannot be overruled. */
    NEVER,
    /** Holds the set-out until somebody decides with a reason that is kept. */
    STOP_FOR,
    /** Something is not known that could stop it; holds the set-out as a stop does, until it is measured or looked at. */
    CANNOT_BE_JUDGED,
    /** Needs a named adult within arm's reach. */
    STAY_WITH,
    /** To be known before it is set out. */
    KNOW;

    /** For people, in English. */
    public String words() {
        return said().words();
    }

    /** For people. */
    public Said said() {
        return Said.of("level." + name());
    }

    /** Whether it holds the set-out: as a stop, or for good. */
    public boolean holds() {
        return compareTo(CANNOT_BE_JUDGED) <= 0;
    }
}
