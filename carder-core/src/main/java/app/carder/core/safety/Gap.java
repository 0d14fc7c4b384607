package app.carder.core.safety;

/**
 * One thing that is not known and would matter.
 *
 * @param fact what kind of fact is missing
 * @param about the thing, or the child, by the key that an answer is kept under
 * @param subject the same for people
 * @param detail which danger, allergen or word it is about; empty where the fact stands by itself
 */
public record Gap(Fact fact, String about, String subject, String detail) {

    /** Under which an answer is kept with the card. It stays the same for as long as the question does. */
    public String key() {
        return fact + "|" + about + "|" + detail;
    }

    /** For people: {@code size of acorns}, {@code Is "water beads" water beads?}. */
    public String question() {
        return switch (fact) {
            case NAME -> "\"%s\": is this %s?".formatted(subject, detail);
            case CONTENT -> "Does %s hold or touch %s?".formatted(subject, detail);
            case ATTENDANCE -> "Nobody is written down for this day.";
            case AGE, ALLERGIES -> "%s: %s not written down.".formatted(subject, fact.words());
            default -> "%s: %s not known.".formatted(subject, fact.words());
        };
    }

    /** The question in two or three words: {@code Size not known}. */
    public String title() {
        return switch (fact) {
            case NAME -> "Sounds like " + detail;
            case CONTENT -> "May hold " + detail;
            case ATTENDANCE -> "Nobody written down";
            case AGE, ALLERGIES -> capitalised() + " not written down";
            default -> capitalised() + " not known";
        };
    }

    private String capitalised() {
        return Character.toUpperCase(fact.words().charAt(0)) + fact.words().substring(1);
    }

    /** Whether "yes" is an answer to it, and not only a measure. */
    public boolean isYesOrNo() {
        return fact == Fact.NAME || fact == Fact.CONTENT;
    }
}
