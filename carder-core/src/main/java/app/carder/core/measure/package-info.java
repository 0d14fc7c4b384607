/**
 * Quantities with their unit in the type, and ages. Start at {@link app.carder.core.measure.Quantity}.
 */
@NullMarked
package app.carder.core.measure;

import org.jspecify.annotations.NullMarked;
