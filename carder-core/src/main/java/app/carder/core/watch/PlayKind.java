package app.carder.core.watch;

import app.carder.core.said.Said;
import java.util.Locale;

/** What can be tapped while a child plays. What each tap does to an episode stands in {@link Episodes}. */
public enum PlayKind {
    /** Went to it without being asked. */
    CHOSE(Part.BEGINS),
    /** Somebody asked whether the child would like to. */
    INVITED(Part.BEGINS),
    /** An adult took the child there, or ran it as a game. */
    LED(Part.BEGINS),
    /** Is at it, with hands or eyes. */
    ENGAGED(Part.PLAYS),
    /** Did the same once more. */
    REPEATED(Part.PLAYS),
    /** Tipped, poured or threw material out. */
    POURED_OUT(Part.PLAYS),
    /** Came back to it after somebody broke in, or after leaving. */
    WENT_BACK(Part.PLAYS),
    /** Raised the eyes from the play; the play goes on. */
    LOOKED_UP(Part.NOTED),
    /** Spoke; the play goes on. */
    TALKED(Part.NOTED),
    /** An adult spoke to, moved or stopped the child. */
    ADULT_BROKE_IN(Part.BREAKS),
    /** Another child did. */
    CHILD_BROKE_IN(Part.BREAKS),
    /** A round of play was ended by the child. */
    FINISHED(Part.ENDS),
    /** The child put it back. */
    PUT_AWAY(Part.ENDS),
    /** The child walked off. */
    LEFT(Part.ENDS);

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
    private final String style = "tick " + name().toLowerCase(Locale.ROOT);

    PlayKind(Part part) {
        this.part = part;
    }

    /** How its mark on a band looks: the classes of {@link TimeBand.Shape}. */
    String style() {
        return style;
    }

    /** What it does to an episode. */
    public Part part() {
        return part;
    }

    /** For people. */
    public String words() {
        return Said.say("play." + name());
    }
}
