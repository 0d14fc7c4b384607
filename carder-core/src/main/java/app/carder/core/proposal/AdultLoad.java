package app.carder.core.proposal;

import app.carder.core.said.Said;
import java.util.Arrays;
import java.util.Optional;

/** How much of an adult a card takes while it is out. Common practice. */
public enum AdultLoad {
    /** Nobody has to be there. */
    RUNS_BY_ITSELF(0),
    /** Somebody near, who has an eye on another one too. */
    NEAR(2),
    /** An adult, and nothing else meanwhile. */
    HANDS_ON(4);

    /** Parts of one adult. */
    static final int PARTS_OF_AN_ADULT = 4;

    private final int parts;

    AdultLoad(int parts) {
        this.parts = parts;
    }

    /** The load of this name, where there is one. */
    public static Optional<AdultLoad> of(String name) {
        return Arrays.stream(values()).filter(load -> load.name().equals(name)).findFirst();
    }

    /** For people. */
    public String words() {
        return Said.say("adult-load." + name());
    }

    /** Quarters of an adult, 0 to 4. */
    public int parts() {
        return parts;
    }
}
