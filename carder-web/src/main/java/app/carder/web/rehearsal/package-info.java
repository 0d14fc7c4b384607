/** A room's day played through before it comes. Start at {@link app.carder.web.rehearsal.RehearsalService}. */
@NullMarked
package app.carder.web.rehearsal;

import org.jspecify.annotations.NullMarked;
