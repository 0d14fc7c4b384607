/**
 * Long investigations: a seed grows, ice melts, worms mix. When to look, what to expect, and a chart of the readings. Start at
 * {@link app.carder.core.investigate.ObservationDays} and {@link app.carder.core.investigate.ReadingChart}.
 */
@NullMarked
package app.carder.core.investigate;

import org.jspecify.annotations.NullMarked;
