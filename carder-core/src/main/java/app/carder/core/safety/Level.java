package app.carder.core.safety;

/** How a finding binds the adult. In order of weight. */
public enum Level {
    /** Cannot be overruled. */
    NEVER("Never"),
    /** Not with these children; can be overruled with a reason that is kept. */
    STOP_FOR("Stop for"),
    /** Needs a named adult within arm's reach. */
    STAY_WITH("Stay with it"),
    /** Good to know. */
    KNOW("Know");

    private final String words;

    Level(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
