package app.carder.web.room;

import java.util.UUID;

/**
 * A zone, as other features see it.
 *
 * @param id its own
 * @param name for people
 */
public record ZoneView(UUID id, String name) {}
