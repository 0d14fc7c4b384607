/**
 * What holds a fill, how much goes in, and how it is drawn. Start at {@link app.carder.core.vessel.Vessel} and {@link app.carder.core.vessel.Fill}.
 */
@NullMarked
package app.carder.core.vessel;

import org.jspecify.annotations.NullMarked;
