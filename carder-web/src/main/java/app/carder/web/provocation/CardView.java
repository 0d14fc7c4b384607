package app.carder.web.provocation;

import java.time.LocalDateTime;
import java.util.UUID;

/**
 * A whole card.
 *
 * @param id its own
 * @param roomId the room
 * @param version of the record
 * @param details what it says
 * @param changedBy who changed it last
 * @param changedAt when, in the setting's zone
 */
public record CardView(
        UUID id, UUID roomId, int version, CardDetails details, String changedBy, LocalDateTime changedAt) {}
