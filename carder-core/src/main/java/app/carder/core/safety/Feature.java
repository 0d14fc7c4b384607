package app.carder.core.safety;

import app.carder.core.said.Said;

/** What a card asks children or adults to do, where that matters for safety and no material shows it. */
public enum Feature {
    /** Something is tasted. */
    TASTING,
    /** The taster is not told what it is. */
    SURPRISE_TASTE,
    /** Eyes are covered. */
    BLINDFOLD,
    /** Plaster is cast around a hand, foot or finger. */
    CAST_OF_BODY,
    /** Something is cooked, melted or warmed. */
    HEATING,
    /** It takes place out of doors. */
    OUTDOORS,
    /** A den of rope and cloth. */
    DEN,
    /** Things are lifted above the head or slid from a height. */
    FROM_A_HEIGHT;

    /** For people. */
    public String words() {
        return Said.say("feature." + name());
    }
}
