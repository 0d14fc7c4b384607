/**
 * What was done can be taken back. A route says with {@link app.carder.web.undo.CanBeUndone} what it does; the database keeps each row before
 * and after while it writes. Start at {@link app.carder.web.undo.UndoService}.
 */
@NullMarked
package app.carder.web.undo;

import org.jspecify.annotations.NullMarked;
