package app.carder.web.adults;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What one adult wrote.
 *
 * @param firstAidUntil last day of a paediatric first-aid certificate; absent where there is none
 * @param avoids what they should not handle, in their words
 * @param isExpecting whether they are expecting a child and said so
 */
public record AdultDetails(Optional<LocalDate> firstAidUntil, List<String> avoids, boolean isExpecting) {

    static final AdultDetails NOTHING = new AdultDetails(Optional.empty(), List.of(), false);

    /** Keeps its own copy. */
    public AdultDetails {
        avoids = List.copyOf(avoids);
    }
}
