package app.carder.web.rules;

import java.time.Instant;
import java.util.UUID;

/**
 * A rule of a room.
 *
 * @param id its own
 * @param details what it says
 * @param addedBy who added it
 * @param addedAt when
 */
public record RuleView(UUID id, RuleDetails details, String addedBy, Instant addedAt) {}
