package app.carder.core.practice;

import java.util.Arrays;
import java.util.Optional;

/**
 * The way a room works. It sets defaults, templates and advice; it never locks anything, and safety findings speak in all of
 * them. Common practice.
 */
public enum PracticeStyle {
    /** Self-chosen work on a shelf, silent presentation, self-correcting material, little praise. */
    PREPARED_ENVIRONMENT(
            "Prepared environment",
            "Self-chosen work on a shelf, shown without words, that checks itself.",
            "on a tray on the shelf",
            "Show it once, slowly and without words. Then step back; let the material show the mistake."),
    /** A theme runs through the centres for one to four weeks. */
    THEMED_CENTRES(
            "Themed centres",
            "A theme runs through sensory bin, role play, writing and art for one to four weeks.",
            "in its centre",
            "Bring the theme's words into the play; add one thing when it slows down."),
    /** Free choice indoors and out while adults draw small groups aside in timed sessions. */
    FREE_FLOW(
            "Free-flow with focus groups",
            "Free choice indoors and out, with short focus groups.",
            "in an area of the room or garden",
            "Play alongside, comment and wonder aloud; draw a few children in for ten minutes."),
    /** One adult, low preparation, what is in the kitchen. */
    HOME_MIXED_AGE(
            "Home and mixed age",
            "One adult, mixed ages, what is in the kitchen.",
            "on the kitchen table or floor",
            "Set it going, stay within sight, let the older one show the younger."),
    /** Short turns, scored or timed. */
    ADULT_LED_GAMES(
            "Adult-led games",
            "Short turns that an adult leads, scored or timed.",
            "on the mat in the circle",
            "Say the rule in one sentence, take the first turn, keep the turns short.");

    private final String words;
    private final String description;
    private final String place;
    private final String adultRole;

    PracticeStyle(String words, String description, String place, String adultRole) {
        this.words = words;
        this.description = description;
        this.place = place;
        this.adultRole = adultRole;
    }

    /** The style of this name, where there is one. */
    public static Optional<PracticeStyle> of(String name) {
        return Arrays.stream(values())
                .filter(style -> style.name().equals(name))
                .findFirst();
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** In a sentence. */
    public String description() {
        return description;
    }

    /** Where a card is set out unless it says otherwise. */
    public String place() {
        return place;
    }

    /** What the adult does unless the card says otherwise. */
    public String adultRole() {
        return adultRole;
    }
}
