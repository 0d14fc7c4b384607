/**
 * The day's sessions, drawn to scale. Start at {@link app.carder.core.week.DayStrip}.
 */
@NullMarked
package app.carder.core.week;

import org.jspecify.annotations.NullMarked;
