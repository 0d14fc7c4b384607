package app.carder.web.watch;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What was seen.
 *
 * @param childIds the children who were seen, one or more
 * @param words what is said about it
 * @param cardId the card that was out, where there was one
 * @param inPhoto the children who can be recognised in the photos, those of other records included
 * @param observedAt when it was seen
 */
public record ObservationDetails(
        Set<UUID> childIds, ObservationWords words, Optional<UUID> cardId, Set<UUID> inPhoto, Instant observedAt) {

    /** Keeps its own copies. */
    public ObservationDetails {
        childIds = Set.copyOf(childIds);
        inPhoto = Set.copyOf(inPhoto);
    }
}
