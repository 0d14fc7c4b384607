package app.carder.web.setout;

import app.carder.core.ladder.LadderStep;
import app.carder.core.room.ShelfOrder;
import app.carder.web.card.CardSummary;
import app.carder.web.room.ZoneView;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A card that is out.
 *
 * @param id its own
 * @param card what is out
 * @param zone where
 * @param place in the zone, from the left, from 0
 * @param sessionId when; none for all day
 * @param ladderStep of the card's ladder
 * @param adult who stays with it; empty where nobody has to
 * @param overruledFindings findings that were overruled
 * @param overruledBecause why
 * @param setOutBy who set it out
 * @param setOutAt when
 */
public record SetOutView(
        UUID id,
        CardSummary card,
        ZoneView zone,
        int place,
        @Nullable UUID sessionId,
        LadderStep ladderStep,
        String adult,
        List<String> overruledFindings,
        String overruledBecause,
        String setOutBy,
        Instant setOutAt) {

    /** How hard it is, on its step; absent where nobody said. */
    public Optional<Integer> level() {
        return card.difficulty().map(difficulty -> ShelfOrder.level(difficulty, ladderStep));
    }

    /** Whether it is out in a session. */
    public boolean isOutIn(UUID session) {
        return sessionId == null || sessionId.equals(session);
    }
}
