package app.carder.web.children;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A child moves up into another room.
 *
 * @param roomId which
 * @param on the first day there
 */
public record Move(UUID roomId, LocalDate on) {}
