package app.carder.core.safety;

/** A fact that a check needs, and that can be missing. The words say what to measure or to ask. */
public enum Fact {
    /** The three outer measures of a piece. */
    SIZE("size", "Measure one piece: length, width, thickness. Write it into the cupboard."),
    /** How long a cord is, or how far round a loop. */
    LENGTH("length", "Measure how long it is, a loop all the way round, and write it into the cupboard."),
    /** A hole, a gap, a neck. */
    OPENING("opening", "Measure the widest gap or hole, and write it into the cupboard; 0 where there is none."),
    /** What it is made of and what it does. */
    PROPERTIES(
            "special features",
            "Open it in the cupboard, go through the two lists (allergens, special features), tick what applies and that you have looked."),
    /** Depth of a fill or number of pieces. */
    AMOUNT("amount", "Write the depth or the number on the card."),
    /** Whether a name means what it seems to mean. */
    NAME("what the name means", "Say whether it is."),
    /** Whether something holds what a child must not have. */
    CONTENT("whether it holds it", "Read the label or ask the family; then say what you found."),
    /** A child's birthday. */
    AGE("age", "Write the birthday on the child's page."),
    /** A child's allergies. */
    ALLERGIES("allergies", "Ask the family, and write down what they say, also when it is \"none\"."),
    /** Who will be there. */
    ATTENDANCE("who will be there", "Write down which children attend, with their birthdays and allergies.");

    private final String words;
    private final String remedy;

    Fact(String words, String remedy) {
        this.words = words;
        this.remedy = remedy;
    }

    /** For people: what is not known. */
    public String words() {
        return words;
    }

    /** For people: what to do about it. */
    public String remedy() {
        return remedy;
    }
}
