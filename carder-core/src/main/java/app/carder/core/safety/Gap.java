package app.carder.core.safety;

import app.carder.core.said.Said;

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

    /** For people, in English: {@code size of acorns}, {@code Is "water beads" water beads?}. */
    public String question() {
        return saidQuestion().words();
    }

    Said saidQuestion() {
        return Said.of("gap." + fact + ".question", subject, detail);
    }

    /** The question in two or three words: {@code Size not known}. */
    Said saidTitle() {
        return Said.of("gap." + fact + ".title", detail);
    }

    /** Whether "yes" is an answer to it, and not only a measure. */
    public boolean isYesOrNo() {
        return fact == Fact.NAME || fact == Fact.CONTENT;
    }
}
