package app.carder.core.ladder;

/** How a rung differs from the card as it is. */
public enum Rung {
    /** Less of it, larger, slower. */
    SIMPLER("Simpler"),
    /** The card as it stands. */
    AS_IS("As it is"),
    /** More of it, finer, longer. */
    HARDER("Harder"),
    /** The same work with another material. */
    OTHER_MATERIAL("Another material"),
    /** The same work for a purpose in the day. */
    REAL_LIFE("In real life");

    private final String words;

    Rung(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
