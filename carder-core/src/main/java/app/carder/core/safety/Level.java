package app.carder.core.safety;

/** How strict a finding is. In order of weight. */
public enum Level {
    /** Cannot be overruled. */
    NEVER("Never"),
    /** Holds the set-out until somebody decides with a reason that is kept. */
    STOP_FOR("Stop for"),
    /** Something is not known that could stop it; holds the set-out as a stop does, until it is measured or looked at. */
    CANNOT_BE_JUDGED("Cannot be judged"),
    /** Needs a named adult within arm's reach. */
    STAY_WITH("Stay with it"),
    /** To be known before it is set out. */
    KNOW("Know");

    private final String words;

    Level(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** Whether it holds the set-out: as a stop, or for good. */
    public boolean holds() {
        return compareTo(CANNOT_BE_JUDGED) <= 0;
    }
}
