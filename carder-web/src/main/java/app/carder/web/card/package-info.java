/** Cards: amounts, drawing and safety. Start at {@link app.carder.web.card.CardService}. */
@NullMarked
package app.carder.web.card;

import org.jspecify.annotations.NullMarked;
