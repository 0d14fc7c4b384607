/** Cards that ship, and how one is fitted to the containers and stock of a setting. Start at {@link app.carder.core.deck.FittedCard}. */
@NullMarked
package app.carder.core.deck;

import org.jspecify.annotations.NullMarked;
