/** LadderSteps of one card, and which of them fits a child from what was last seen. Start at {@link app.carder.core.ladder.Ladder}. */
@NullMarked
package app.carder.core.ladder;

import org.jspecify.annotations.NullMarked;
