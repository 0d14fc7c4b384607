package app.carder.web.provocation;

import app.carder.core.ladder.Rung;
import app.carder.web.provocation.CardPart.KeptReckoning;
import app.carder.web.provocation.CardPart.PreparationStep;
import app.carder.web.provocation.CardPart.RungChange;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A whole card.
 *
 * @param id its own
 * @param roomId the room
 * @param version of the record
 * @param details what it says
 * @param rungs of its ladder, those that are written
 * @param steps of its preparation, in order
 * @param reckonings kept with it, in order
 * @param changedBy who changed it last
 * @param changedAt when, in the setting's zone
 */
public record CardView(
        UUID id,
        UUID roomId,
        int version,
        CardDetails details,
        List<RungChange> rungs,
        List<PreparationStep> steps,
        List<KeptReckoning> reckonings,
        String changedBy,
        LocalDateTime changedAt) {
    /** Keeps its own copies. */
    public CardView {
        rungs = List.copyOf(rungs);
        steps = List.copyOf(steps);
        reckonings = List.copyOf(reckonings);
    }

    /** How a rung differs, where it is written. */
    public Optional<RungChange> rung(Rung rung) {
        return rungs.stream().filter(change -> change.rung() == rung).findFirst();
    }
}
