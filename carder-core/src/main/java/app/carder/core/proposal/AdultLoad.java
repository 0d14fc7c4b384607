package app.carder.core.proposal;

import java.util.Arrays;
import java.util.Optional;

/** How much of an adult a card takes while it is out. Common practice. */
public enum AdultLoad {
    /** Nobody has to be there. */
    RUNS_BY_ITSELF("runs by itself", 0),
    /** Somebody near, who has an eye on another one too. */
    NEAR("an adult near", 2),
    /** An adult, and nothing else meanwhile. */
    HANDS_ON("an adult's hands", 4);

    /** Parts of one adult. */
    static final int PARTS_OF_AN_ADULT = 4;

    private final String words;
    private final int parts;

    AdultLoad(String words, int parts) {
        this.words = words;
        this.parts = parts;
    }

    /** The load of this name, where there is one. */
    public static Optional<AdultLoad> of(String name) {
        return Arrays.stream(values()).filter(load -> load.name().equals(name)).findFirst();
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** Quarters of an adult, 0 to 4. */
    public int parts() {
        return parts;
    }
}
