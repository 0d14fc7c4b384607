package app.carder.web.children;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the adults know of a child, as written down.
 *
 * @param givenName first name
 * @param otherNames nicknames, the family name, how a friend says it: kept out of other families' journals as well
 * @param bornOn birthday
 * @param pegMark symbol
 * @param care what adults must know
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
        List<String> otherNames,
        LocalDate bornOn,
        PegMark pegMark,
        ChildCare care,
        String homeLanguages,
        String interests,
        Set<PhotoUse> consents,
        @Nullable UUID keyPersonId,
        Set<DayOfWeek> daysAttended,
        Optional<LocalTime> arrives,
        Optional<LocalTime> leaves) {
    /** Keeps its own copies. */
    public ChildDetails {
        otherNames = List.copyOf(otherNames);
        consents = Set.copyOf(consents);
        daysAttended = Set.copyOf(daysAttended);
    }
}
