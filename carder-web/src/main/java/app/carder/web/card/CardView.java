package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.card.Contents;
import app.carder.core.card.PreparationStep;
import app.carder.core.card.Purpose;
import app.carder.core.card.WrittenStep;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A card as it is kept. Its contents name kit and kept answers only; {@link ContentsService} looks into them.
 *
 * @param id its own
 * @param roomId the room
 * @param version of the record
 * @param card what it says
 * @param weekOf Monday of the week that it is planned for
 * @param changedBy who changed it last
 * @param changedAt when, in the setting's zone
 */
public record CardView(
        UUID id,
        UUID roomId,
        int version,
        Card card,
        Optional<LocalDate> weekOf,
        String changedBy,
        LocalDateTime changedAt) {

    /** In a few words. */
    public String title() {
        return card.purpose().title();
    }

    /** What it invites to. */
    public Purpose purpose() {
        return card.purpose();
    }

    /** What it puts out. */
    public Contents contents() {
        return card.contents();
    }

    /** Steps of its ladder, those that are written. */
    public List<WrittenStep> ladder() {
        return card.ladder();
    }

    /** Steps of its preparation, in order. */
    public List<PreparationStep> steps() {
        return card.preparation();
    }

    /** The ids of some cards. */
    public static Set<UUID> ids(Collection<CardView> cards) {
        return cards.stream().map(CardView::id).collect(Collectors.toUnmodifiableSet());
    }
}
