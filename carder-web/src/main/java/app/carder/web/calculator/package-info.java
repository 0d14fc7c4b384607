/**
 * Calculations beside the card: batches, control of error, pouring, line-ups, games. Each is a {@link app.carder.web.calculator.Tool}
 * that says what it asks and hands the answer of the core on. Start at {@link app.carder.web.calculator.CalculatorService}.
 */
@NullMarked
package app.carder.web.calculator;

import org.jspecify.annotations.NullMarked;
