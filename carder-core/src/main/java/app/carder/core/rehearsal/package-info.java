/**
 * A room's day played through before it comes: who is needed where, minute by minute, what clashes, and the smallest change that mends it.
 * Start at {@link app.carder.core.rehearsal.Rehearsal}.
 */
@NullMarked
package app.carder.core.rehearsal;

import org.jspecify.annotations.NullMarked;
