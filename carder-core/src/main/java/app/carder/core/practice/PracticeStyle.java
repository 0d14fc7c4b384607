package app.carder.core.practice;

import app.carder.core.said.Said;
import java.util.Arrays;
import java.util.Optional;

/**
 * The way a room works. It sets defaults, templates and advice; it never locks anything, and safety findings speak in all of
 * them. Common practice.
 */
public enum PracticeStyle {
    /** Self-chosen work on a shelf, silent presentation, self-correcting material, little praise. */
    PREPARED_ENVIRONMENT,
    /** A theme runs through the centres for one to four weeks. */
    THEMED_CENTRES,
    /** Free choice indoors and out while adults draw small groups aside in timed sessions. */
    FREE_FLOW,
    /** One adult, low preparation, what is in the kitchen. */
    HOME_MIXED_AGE,
    /** Short turns, scored or timed. */
    ADULT_LED_GAMES;

    /** The style of this name, where there is one. */
    public static Optional<PracticeStyle> of(String name) {
        return Arrays.stream(values())
                .filter(style -> style.name().equals(name))
                .findFirst();
    }

    /** For people. */
    public String words() {
        return Said.say("style." + name());
    }

    /** In a sentence. */
    public String description() {
        return Said.say("style." + name() + ".description");
    }

    /** Where a card is set out unless it says otherwise. */
    public String place() {
        return Said.say("style." + name() + ".place");
    }

    /** What the adult does unless the card says otherwise. */
    public String adultRole() {
        return Said.say("style." + name() + ".adultRole");
    }
}
