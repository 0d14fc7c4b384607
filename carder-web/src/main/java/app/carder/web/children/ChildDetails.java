package app.carder.web.children;

import app.carder.core.material.Allergen;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the adults know of a child, as written down.
 *
 * @param givenName first name
 * @param bornOn birthday
 * @param pegMark symbol
 * @param mouthing whether things still go into the mouth
 * @param allergens what must be kept away
 * @param allergyNote what the medical plan says, in short
 * @param homeLanguages in words
 * @param interests in words
 * @param consents uses of photos that the family allows
 * @param keyPersonId member of staff
 * @param daysAttended days of the week
 * @param arrives on those days; absent where at the first session
 * @param leaves on those days, later; absent where after the last session
 */
public record ChildDetails(
        String givenName,
        LocalDate bornOn,
        PegMark pegMark,
        boolean mouthing,
        Set<Allergen> allergens,
        String allergyNote,
        String homeLanguages,
        String interests,
        Set<PhotoUse> consents,
        @Nullable UUID keyPersonId,
        Set<DayOfWeek> daysAttended,
        Optional<LocalTime> arrives,
        Optional<LocalTime> leaves) {
    /** Keeps its own copies. */
    public ChildDetails {
        allergens = Set.copyOf(allergens);
        consents = Set.copyOf(consents);
        daysAttended = Set.copyOf(daysAttended);
    }
}
