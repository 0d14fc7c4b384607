package app.carder.web.device;

import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;

/**
 * A device, for the page.
 *
 * @param id its own
 * @param name what kind of device it is
 * @param lastPerson who used it last
 * @param lastContactAt when it was last in contact
 * @param unsent records that were not sent then
 * @param clockOffsetSeconds what must be added to its clock; 0 where it is right
 * @param revokedAt when somebody decided that it is to be wiped
 * @param revokedBy who
 * @param wipedAt when it said that nothing is left on it
 */
record DeviceView(
        UUID id,
        String name,
        String lastPerson,
        LocalDateTime lastContactAt,
        int unsent,
        long clockOffsetSeconds,
        Optional<LocalDateTime> revokedAt,
        Optional<String> revokedBy,
        Optional<LocalDateTime> wipedAt) {}
