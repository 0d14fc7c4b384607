package app.carder.core.room;

/** What a zone is for, as far as the room is concerned. */
public enum ZoneKind {
    /** Books, listening, being alone. */
    QUIET("Quiet", Sound.QUIET),
    /** Building, rolling, dancing. */
    BUSY("Busy", Sound.LOUD),
    /** Water, wet sand, paint. */
    WET("Wet", Sound.MIDDLING),
    /** Out of doors. */
    OUTDOORS("Outdoors", Sound.MIDDLING),
    /** Light and shadow. */
    LIGHT("Light table", Sound.MIDDLING),
    /** Being somebody else. */
    ROLE_PLAY("Role play", Sound.LOUD),
    /** Marks, letters, stamps. */
    WRITING("Writing", Sound.QUIET),
    /** Trays and small things at a table. */
    TABLE("Table", Sound.MIDDLING),
    /** On the floor. */
    FLOOR("Floor", Sound.MIDDLING);

    /** How loud it usually is. */
    public enum Sound {
        /** Needs quiet. */
        QUIET,
        /** Neither. */
        MIDDLING,
        /** Makes noise. */
        LOUD
    }

    private final String words;
    private final Sound sound;

    ZoneKind(String words, Sound sound) {
        this.words = words;
        this.sound = sound;
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** How loud it usually is: common practice. */
    public Sound sound() {
        return sound;
    }
}
