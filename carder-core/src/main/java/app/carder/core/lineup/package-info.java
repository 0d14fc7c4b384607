/**
 * Things in a row, and games along one: number lines and hop trails, six-piece line-ups, dice games by exact calculation. Start at
 * {@link app.carder.core.lineup.DiceGame}.
 */
@NullMarked
package app.carder.core.lineup;

import org.jspecify.annotations.NullMarked;
