package app.carder.core.watchlog;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One time of watching.
 *
 * @param id of the record
 * @param room where
 * @param card at which card
 * @param method how it was watched
 * @param author who watched
 */
public record RecordHead(UUID id, UUID room, @Nullable UUID card, Method method, String author) {}
