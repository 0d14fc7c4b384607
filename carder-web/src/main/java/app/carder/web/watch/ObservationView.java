package app.carder.web.watch;

import app.carder.core.framework.Framework;
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
 * @param cardId the card that was out, where there was one
 * @param markedBy the framework of its day
 * @param author who wrote it, or brought it in
 * @param broughtInFrom who wrote it before, empty where nobody is named; absent where it was written here
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
        @Nullable UUID cardId,
        MarkedBy markedBy,
        String author,
        Optional<String> broughtInFrom,
        ObservationWords words,
        LocalDateTime observedAt,
        List<UUID> childIds,
        List<UUID> childrenInPhoto,
        List<PhotoView> photos,
        int version) {

    /**
     * The framework by which something was marked.
     *
     * @param framework as it is today; absent where it is no longer here
     * @param code of it
     * @param version of that day; empty where that was not kept yet
     */
    public record MarkedBy(Optional<Framework> framework, String code, String version) {

        /** In words: its name, and the version where it is another one by now. */
        public String words() {
            String name = framework.map(Framework::name).orElse(code);
            return isAsItWas() || version.isEmpty() ? name : name + ", version " + version;
        }

        private boolean isAsItWas() {
            return framework.filter(now -> now.version().equals(version)).isPresent();
        }
    }

    /** The framework of its day, or another where that is no longer here. */
    public Framework frameworkOr(Framework another) {
        return markedBy.framework().orElse(another);
    }

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
