/** Rooms with their zones and the sessions of their day. Start at {@link app.carder.web.room.RoomService}. */
@NullMarked
package app.carder.web.room;

import org.jspecify.annotations.NullMarked;
