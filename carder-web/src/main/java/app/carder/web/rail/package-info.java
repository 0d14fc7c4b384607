/** The journals of a room at once: made, read, approved and sent one after the other, on the rail of the room's pegs. */
@NullMarked
package app.carder.web.rail;

import org.jspecify.annotations.NullMarked;
