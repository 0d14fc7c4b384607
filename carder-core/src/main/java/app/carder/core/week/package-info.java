/**
 * Days and weeks: sessions drawn to scale, how long play is left alone, open days, and when what stands out is changed. Start at
 * {@link app.carder.core.week.DayStrip} and {@link app.carder.core.week.ProtectedPlay}.
 */
@NullMarked
package app.carder.core.week;

import org.jspecify.annotations.NullMarked;
