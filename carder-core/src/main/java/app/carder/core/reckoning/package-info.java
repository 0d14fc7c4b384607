/**
 * How an answer was reached: inputs, rule, arithmetic, source. Start at {@link app.carder.core.reckoning.Reckoning}.
 */
@NullMarked
package app.carder.core.reckoning;

import org.jspecify.annotations.NullMarked;
