package app.carder.core.consent;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What somebody said about one use.
 *
 * @param giver who said it, by a key of theirs; empty where nobody is named, as on a form that was ticked by staff
 * @param isGiven whether they allowed it
 * @param until the last day on which a yes holds; absent where it does not run out
 */
public record ConsentWord(String giver, boolean isGiven, Optional<LocalDate> until) {

    /** Whether it is a yes that holds on a day. */
    boolean holdsOn(LocalDate day) {
        return isGiven && until.map(last -> !day.isAfter(last)).orElse(true);
    }
}
