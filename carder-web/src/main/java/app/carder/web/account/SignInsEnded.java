package app.carder.web.account;

import java.util.UUID;

/**
 * Somebody's sessions have ended, or all but the one that asked for it: what else they are signed in with ends too.
 *
 * @param person whose
 */
public record SignInsEnded(UUID person) {}
