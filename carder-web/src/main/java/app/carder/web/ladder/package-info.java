/** A card's ladder: its steps, and which of them fits each child from what was last seen. Start at {@link app.carder.web.ladder.LadderService}. */
@NullMarked
package app.carder.web.ladder;

import org.jspecify.annotations.NullMarked;
