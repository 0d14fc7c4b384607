package app.carder.web.device;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A photo as a device sends it, after its file was uploaded.
 *
 * @param id its own
 * @param upload address of the upload
 * @param observations the records that it belongs to
 * @param file what its file was sealed with, its data empty; none where it was not
 */
record PhotoItem(
        UUID id,
        String upload,
        List<UUID> observations,
        @Nullable Sealed file) {

    /** Makes sure that all is there. */
    PhotoItem {
        Objects.requireNonNull(id);
        Objects.requireNonNull(upload);
        observations = List.copyOf(observations);
    }
}
