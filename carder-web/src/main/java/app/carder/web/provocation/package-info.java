/** Provocation cards: amounts, drawing and safety. Start at {@link app.carder.web.provocation.ProvocationService}. */
@NullMarked
package app.carder.web.provocation;

import org.jspecify.annotations.NullMarked;
