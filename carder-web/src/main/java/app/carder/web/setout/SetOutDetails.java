package app.carder.web.setout;

import app.carder.core.ladder.LadderStep;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where and when a card is set out.
 *
 * @param zoneId of the card's room
 * @param place in the zone, from the left, 0 to 11; none where the shelf's order is to find one
 * @param sessionId of the day; none for all day
 * @param onDay the day
 * @param adultId who stays with it, where a finding asks for that
 * @param overruledBecause why a finding is overruled; empty where none is
 * @param ladderStep of the card's ladder
 * @param preparationMinutes hands-on minutes that it took to prepare; none where nobody wrote them down
 */
public record SetOutDetails(
        UUID zoneId,
        @Nullable Integer place,
        @Nullable UUID sessionId,
        LocalDate onDay,
        @Nullable UUID adultId,
        String overruledBecause,
        LadderStep ladderStep,
        @Nullable Integer preparationMinutes) {

    /** The same without a reason, where nothing had to be overruled. */
    SetOutDetails withoutReason() {
        return new SetOutDetails(zoneId, place, sessionId, onDay, adultId, "", ladderStep, preparationMinutes);
    }
}
