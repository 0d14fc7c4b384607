package app.carder.core.safety;

import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * One more thing that the adults must know about a child, beside the listed allergens.
 *
 * @param kind what sort of thing
 * @param words what it is, as the family or the plan says it: {@code kiwi}, {@code nickel}, {@code absence seizures}
 * @param asksFor what adults do about it; empty where the plan says it all
 */
public record CareEntry(Kind kind, String words, String asksFor) {

    private static final Pattern LENGTH =
            Pattern.compile("(?<!\\d)\\d++(?:[.,]\\d++)?\\s*+(?:mm|cm|m)(?![\\p{L}\\p{N}])");

    /** Longest words: 120 letters. */
    public static final int LONGEST_WORDS = 120;

    /** Longest of what it asks for: 300 letters. */
    public static final int LONGEST_ASKS_FOR = 300;

    /** What sort of thing it is. */
    public enum Kind {
        /** A reaction of the immune system, outside the list. */
        ALLERGY,
        /** Makes ill without being an allergy. */
        INTOLERANCE,
        /** A family's rule about food, of faith or conviction. */
        FOOD_RULE,
        /** Eats what is no food. */
        PICA,
        /** Difficulty in swallowing. */
        SWALLOWING,
        /** Fed by tube. */
        TUBE_FEEDING,
        /** Seizures; flicker may set them off. */
        EPILEPSY,
        /** A hearing aid or an implant: magnets and static. */
        HEARING_DEVICE,
        /** Fragile skin, eczema, a graft. */
        SKIN,
        /** How far the child reaches from a seat. */
        REACH,
        /** Anything else. */
        OTHER;

        /** For people. */
        public String words() {
            return Said.say("care-kind." + name());
        }

        /** Whether it is about something that the child must not have: matched against names and contents. */
        public boolean isAvoided() {
            return this == ALLERGY || this == INTOLERANCE || this == FOOD_RULE;
        }
    }

    /**
     * Refuses what says nothing.
     *
     * @throws IllegalArgumentException if there are no words where it must say what is avoided, or too many
     */
    public CareEntry {
        words = words.strip();
        asksFor = asksFor.strip();
        if (kind.isAvoided() && words.isEmpty()) {
            throw new IllegalArgumentException("%s must say what is avoided, got nothing.".formatted(kind));
        }
        if (words.length() > LONGEST_WORDS || asksFor.length() > LONGEST_ASKS_FOR) {
            throw new IllegalArgumentException("Entry must have at most %d and %d letters, got %d and %d."
                    .formatted(LONGEST_WORDS, LONGEST_ASKS_FOR, words.length(), asksFor.length()));
        }
    }

    /** The first length that it names, {@code 35 cm} in "35 cm from his chair"; absent where it names none. */
    Optional<Length> length() {
        return LENGTH.matcher(words).results().findFirst().map(found -> Length.parse(found.group()));
    }

    /** For people: {@code allergy: kiwi}. */
    public String forPeople() {
        return words.isEmpty() ? kind.words() : kind.words() + ": " + words;
    }
}
