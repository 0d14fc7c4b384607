package app.carder.core.enrolment;

import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A child as a row of a table says it.
 *
 * @param line of the table, the heads being line 1
 * @param givenName first name
 * @param otherNames family name and others, to be kept out of other families' journals
 * @param bornOn birthday
 * @param room its name; empty where the row names none
 * @param days on which the child comes; empty where the row names none
 * @param arrives on those days, where written
 * @param leaves on those days, where written
 * @param allergies what the family said
 * @param homeLanguages in words
 * @param interests in words
 * @param keyPerson name of the adult; empty where the row names none
 * @param carers with their addresses, in order
 */
public record Enrolled(
        int line,
        String givenName,
        List<String> otherNames,
        LocalDate bornOn,
        String room,
        Set<DayOfWeek> days,
        Optional<LocalTime> arrives,
        Optional<LocalTime> leaves,
        Allergies allergies,
        String homeLanguages,
        String interests,
        String keyPerson,
        List<CarerLine> carers) {

    /** Keeps its own copies. */
    public Enrolled {
        otherNames = List.copyOf(otherNames);
        days = Set.copyOf(days);
        carers = List.copyOf(carers);
    }

    /**
     * What a family said about allergies.
     *
     * @param asked whether anybody wrote an answer; a blank cell is none
     * @param listed allergens that must be named on food, and latex
     * @param others as they were written
     */
    public record Allergies(boolean asked, Set<Allergen> listed, List<CareEntry> others) {
        /** Nobody wrote anything. */
        public static final Allergies NOT_ASKED = new Allergies(false, Set.of(), List.of());

        /** Keeps its own copies. */
        public Allergies {
            listed = Set.copyOf(listed);
            others = List.copyOf(others);
        }
    }

    /**
     * A carer.
     *
     * @param name for people
     * @param mail address; empty where there is none
     */
    public record CarerLine(String name, String mail) {}
}
