/**
 * Reckonings beside the card: batches, control of error, pouring, line-ups, games. Each is a {@link app.carder.web.reckoner.Tool}
 * that says what it asks and hands the answer of the core on. Start at {@link app.carder.web.reckoner.ReckonerService}.
 */
@NullMarked
package app.carder.web.reckoner;

import org.jspecify.annotations.NullMarked;
