package app.carder.core.framework;

/** The senses a provocation speaks to, in the order of the holes along a card's lower edge. */
public enum Sense {
    SIGHT("sight"),
    TOUCH("touch"),
    HEARING("hearing"),
    SMELL("smell"),
    TASTE("taste"),
    BALANCE("balance"),
    BODY_POSITION("body position");

    private final String words;

    Sense(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
