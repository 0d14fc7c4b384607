package app.carder.core.safety;

/** What a card asks children or adults to do, where that matters for safety and no material shows it. */
public enum Feature {
    /** Something is tasted. */
    TASTING("Something is tasted"),
    /** The taster is not told what it is. */
    SURPRISE_TASTE("Tasting without knowing what it is"),
    /** Eyes are covered. */
    BLINDFOLD("Eyes are covered"),
    /** Plaster is cast around a hand, foot or finger. */
    CAST_OF_BODY("A hand or foot is cast in plaster"),
    /** Something is cooked, melted or warmed. */
    HEATING("Something is heated"),
    /** It takes place out of doors. */
    OUTDOORS("It is out of doors"),
    /** A den of rope and cloth. */
    DEN("A den of rope and cloth"),
    /** Things are lifted above the head or slid from a height. */
    FROM_A_HEIGHT("Things slide or fall from a height");

    private final String words;

    Feature(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
