/**
 * Pouring, spooning, gripping and posting: sets from the vessels that are there, each step harder than the one before. Start at
 * {@link app.carder.core.pouring.PouringLadder}.
 */
@NullMarked
package app.carder.core.pouring;

import org.jspecify.annotations.NullMarked;
