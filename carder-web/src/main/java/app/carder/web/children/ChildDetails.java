package app.carder.web.children;

import app.carder.core.attendance.Coming;
import java.time.LocalDate;
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
 * @param consents uses of photos that the family allowed on enrolment; later words are kept by {@link ConsentService}
 * @param keyPersonId member of staff
 * @param coming when it comes
 * @param move into which room it moves up, and when
 * @param mayFetch who may fetch it, and the word that they say
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
        Coming coming,
        Optional<Move> move,
        String mayFetch) {
    /** Keeps its own copies. */
    public ChildDetails {
        otherNames = List.copyOf(otherNames);
        consents = Set.copyOf(consents);
    }
}
