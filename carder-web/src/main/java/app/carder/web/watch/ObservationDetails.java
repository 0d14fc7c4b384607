package app.carder.web.watch;

import app.carder.core.watch.Involvement;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What was seen.
 *
 * @param childIds the children who were seen, one or more
 * @param note in words
 * @param involvement how deep the play was, where noted
 * @param areas codes of the framework's areas, those of the statements included
 * @param statements codes of the framework's statements
 * @param provocationId the card that was out, where there was one
 * @param inPhoto whether the children can be recognised in the photo
 * @param observedAt when it was seen
 */
public record ObservationDetails(
        Set<UUID> childIds,
        String note,
        Optional<Involvement> involvement,
        Set<String> areas,
        Set<String> statements,
        Optional<UUID> provocationId,
        InPhoto inPhoto,
        Instant observedAt) {

    /** Who can be recognised in the photo. */
    public enum InPhoto {
        /** Everyone who was seen: the cautious answer. */
        THE_CHILDREN,
        /** Nobody, only things. */
        ONLY_THINGS
    }

    /** Keeps its own copies. */
    public ObservationDetails {
        childIds = Set.copyOf(childIds);
        areas = Set.copyOf(areas);
        statements = Set.copyOf(statements);
    }
}
