package app.carder.web.audit;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * A line of the log.
 *
 * @param at when
 * @param person who
 * @param role what they do here, by its code
 * @param browser from which, in a few words; may be empty
 * @param isRead whether something was only looked at
 * @param route the address, with names for what it names
 * @param subject the record that it names last
 * @param status what was answered, as HTTP says it
 */
public record AccessView(
        Instant at,
        String person,
        String role,
        String browser,
        boolean isRead,
        String route,
        Optional<UUID> subject,
        int status) {}
