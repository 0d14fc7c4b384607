package app.carder.core.safety;

import java.time.LocalDate;

/**
 * What somebody said to a question that the check could not answer; kept with the card.
 *
 * @param verdict whether the danger that was asked about is there
 * @param because what they saw or measured, in their words
 * @param by who said so
 * @param on when
 */
public record Answer(Verdict verdict, String because, String by, LocalDate on) {

    /** The least that is said with it: five letters. */
    public static final int SHORTEST_REASON = 5;

    /** Whether the danger is there. */
    public enum Verdict {
        /** It is what was asked about: the rules take it as that. */
        IS,
        /** Somebody has looked, and it is not. */
        IS_NOT
    }

    /**
     * Refuses an answer that nobody could check later.
     *
     * @throws IllegalArgumentException if it says nothing or nobody said it
     */
    public Answer {
        if (by.isBlank()) {
            throw new IllegalArgumentException("Answer must name who gave it, got a blank name.");
        }
        if (verdict == Verdict.IS_NOT && because.strip().length() < SHORTEST_REASON) {
            throw new IllegalArgumentException(
                    "Reason must have at least %d letters, got \"%s\".".formatted(SHORTEST_REASON, because));
        }
    }
}
