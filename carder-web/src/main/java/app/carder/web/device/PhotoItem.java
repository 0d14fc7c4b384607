package app.carder.web.device;

import java.util.List;
import java.util.Objects;
import java.util.UUID;

/**
 * A photo as a device sends it, after its file was uploaded.
 *
 * @param id its own
 * @param upload address of the upload
 * @param observations the records that it belongs to
 */
record PhotoItem(UUID id, String upload, List<UUID> observations) {

    /** Makes sure that all is there. */
    PhotoItem {
        Objects.requireNonNull(id);
        Objects.requireNonNull(upload);
        observations = List.copyOf(observations);
    }
}
