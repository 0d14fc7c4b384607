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
 * @param words what is said about it
 * @param observedAt when, in the setting's zone
 * @param childIds who was seen
 * @param childrenInPhoto who can be recognised in the photos, children of other records included
 * @param photos of it
 * @param version of the record
 */
public record ObservationView(
        UUID id,
        UUID roomId,
        @Nullable UUID provocationId,
        String author,
        ObservationWords words,
        LocalDateTime observedAt,
        List<UUID> childIds,
        List<UUID> childrenInPhoto,
        List<PhotoView> photos,
        int version) {

    /** In words. */
    public String note() {
        return words.note();
    }

    /** How deep the play was, where noted. */
    public Optional<Involvement> involvement() {
        return words.involvement();
    }

    /** Codes of the framework's areas. */
    public Set<String> areas() {
        return words.areas();
    }

    /** Codes of the framework's statements. */
    public Set<String> statements() {
        return words.statements();
    }

    /** The first photo, where there is one. */
    public Optional<PhotoView> photo() {
        return photos.stream().findFirst();
    }
}
