/**
 * What an adult notes while watching, and what it comes to: taps to episodes, looks to shares, steps to a path. Start at
 * {@link app.carder.core.watch.Episodes}.
 */
@NullMarked
package app.carder.core.watch;

import org.jspecify.annotations.NullMarked;
