package app.carder.web.find;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * Which observations are looked through.
 *
 * @param area code of an area that they touch; empty for all
 * @param adult who wrote them
 * @param card at which they were made
 * @param from the first day
 * @param until the last day
 */
public record Filters(
        String area, Optional<UUID> adult, Optional<UUID> card, Optional<LocalDate> from, Optional<LocalDate> until) {

    /** Whether any is set. */
    public boolean any() {
        return !area.isEmpty() || adult.isPresent() || card.isPresent() || from.isPresent() || until.isPresent();
    }
}
