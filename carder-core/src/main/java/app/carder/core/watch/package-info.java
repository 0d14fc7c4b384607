/**
 * What an adult notes while watching. Start at {@link app.carder.core.watch.Involvement}.
 */
@NullMarked
package app.carder.core.watch;

import org.jspecify.annotations.NullMarked;
