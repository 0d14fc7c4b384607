/**
 * The room to scale: walls, zones, furniture and adults' spots; what the adults see, how many children fit, and whether the ways
 * are clear. Start at {@link app.carder.core.room.RoomPlan}. Coordinates are whole millimetres, x to the right and y down, from
 * the upper left corner of the sheet.
 */
@NullMarked
package app.carder.core.room;

import org.jspecify.annotations.NullMarked;
