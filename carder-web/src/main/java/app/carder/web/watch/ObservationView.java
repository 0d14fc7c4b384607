package app.carder.web.watch;

import app.carder.core.watch.Involvement;
import app.carder.web.media.PhotoView;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An observation, as other features see it.
 *
 * @param id its own
 * @param roomId the room
 * @param provocationId the card that was out, where there was one
 * @param author who wrote it
 * @param note in words
 * @param involvement how deep the play was, where noted
 * @param areas codes of the framework's areas
 * @param statements codes of the framework's statements
 * @param observedAt when, in the setting's zone
 * @param childIds who was seen
 * @param childrenInPhoto who can be recognised in the photo
 * @param photo of it, where there is one
 * @param version of the record
 */
public record ObservationView(
        UUID id,
        UUID roomId,
        @Nullable UUID provocationId,
        String author,
        String note,
        Optional<Involvement> involvement,
        Set<String> areas,
        Set<String> statements,
        LocalDateTime observedAt,
        List<UUID> childIds,
        List<UUID> childrenInPhoto,
        Optional<PhotoView> photo,
        int version) {}
