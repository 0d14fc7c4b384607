/** Observations, made on a phone and sent once. Start at {@link app.carder.web.watch.ObservationService}. */
@NullMarked
package app.carder.web.watch;

import org.jspecify.annotations.NullMarked;
