/**
 * A week proposed from the deck: which card stands where and when. Start at {@link app.carder.core.proposal.WeekProblem}, then
 * {@link app.carder.core.proposal.WeekSolver}; {@link app.carder.core.proposal.WeekScore} says what a good week is, rule by rule.
 */
@NullMarked
package app.carder.core.proposal;

import org.jspecify.annotations.NullMarked;
