package app.carder.core.room;

import app.carder.core.said.Said;

/** What a zone is for, as far as the room is concerned. */
public enum ZoneKind {
    /** Books, listening, being alone. */
    QUIET(Sound.QUIET),
    /** Building, rolling, dancing. */
    BUSY(Sound.LOUD),
    /** Water, wet sand, paint. */
    WET(Sound.MIDDLING),
    /** Out of doors. */
    OUTDOORS(Sound.MIDDLING),
    /** Light and shadow. */
    LIGHT(Sound.MIDDLING),
    /** Being somebody else. */
    ROLE_PLAY(Sound.LOUD),
    /** Marks, letters, stamps. */
    WRITING(Sound.QUIET),
    /** Trays and small things at a table. */
    TABLE(Sound.MIDDLING),
    /** On the floor. */
    FLOOR(Sound.MIDDLING);

    /** How loud it usually is. */
    public enum Sound {
        /** Needs quiet. */
        QUIET,
        /** Neither. */
        MIDDLING,
        /** Makes noise. */
        LOUD
    }

    private final Sound sound;

    ZoneKind(Sound sound) {
        this.sound = sound;
    }

    /** For people. */
    public String words() {
        return Said.say("zone." + name());
    }

    /** How loud it usually is: common practice. */
    public Sound sound() {
        return sound;
    }
}
