package app.carder.web.setting;

import java.util.UUID;

/**
 * Something that takes place, as other features see it.
 *
 * @param id its own
 * @param details when and what
 */
public record OccasionView(UUID id, OccasionDetails details) {}
