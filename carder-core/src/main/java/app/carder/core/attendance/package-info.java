/** When children come, and who is there. Start at {@link app.carder.core.attendance.Coming}. */
@NullMarked
package app.carder.core.attendance;

import org.jspecify.annotations.NullMarked;
