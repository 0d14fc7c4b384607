package app.carder.core.watch;

/** What can be tapped while a child plays. What each tap does to an episode stands in {@link Episodes}. */
public enum PlayKind {
    /** Went to it without being asked. */
    CHOSE(Part.BEGINS, "Chose it"),
    /** Somebody asked whether the child would like to. */
    INVITED(Part.BEGINS, "Was invited"),
    /** An adult took the child there, or ran it as a game. */
    LED(Part.BEGINS, "Was led"),
    /** Is at it, with hands or eyes. */
    ENGAGED(Part.PLAYS, "Engaged"),
    /** Did the same once more. */
    REPEATED(Part.PLAYS, "Repeated"),
    /** Tipped, poured or threw material out. */
    POURED_OUT(Part.PLAYS, "Poured out, threw"),
    /** Came back to it after somebody broke in, or after leaving. */
    WENT_BACK(Part.PLAYS, "Went back to it"),
    /** Raised the eyes from the play; the play goes on. */
    LOOKED_UP(Part.NOTED, "Looked up"),
    /** Spoke; the play goes on. */
    TALKED(Part.NOTED, "Talked"),
    /** An adult spoke to, moved or stopped the child. */
    ADULT_BROKE_IN(Part.BREAKS, "Adult broke in"),
    /** Another child did. */
    CHILD_BROKE_IN(Part.BREAKS, "Child broke in"),
    /** A round of play was ended by the child. */
    FINISHED(Part.ENDS, "Finished"),
    /** The child put it back. */
    PUT_AWAY(Part.ENDS, "Put it away"),
    /** The child walked off. */
    LEFT(Part.ENDS, "Left");

    /** What a tap does. */
    public enum Part {
        /** Opens an episode. */
        BEGINS,
        /** Shows that the child plays. */
        PLAYS,
        /** Is kept on the band and changes nothing. */
        NOTED,
        /** Ends the unbroken stretch. */
        BREAKS,
        /** Closes the episode. */
        ENDS
    }

    private final Part part;
    private final String words;

    PlayKind(Part part, String words) {
        this.part = part;
        this.words = words;
    }

    /** What it does to an episode. */
    public Part part() {
        return part;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
