package app.carder.core.watch;

import java.time.Instant;

/**
 * One tap about one child.
 *
 * @param at when it happened
 * @param kind what
 */
public record PlayEvent(Instant at, PlayKind kind) {}
