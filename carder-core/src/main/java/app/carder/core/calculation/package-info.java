/**
 * How an answer was reached: inputs, rule, arithmetic, source. Start at {@link app.carder.core.calculation.Calculation}.
 */
@NullMarked
package app.carder.core.calculation;

import org.jspecify.annotations.NullMarked;
