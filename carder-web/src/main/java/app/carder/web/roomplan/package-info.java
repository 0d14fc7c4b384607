/**
 * Plans of rooms and gardens: drawn in the page, kept as SVG, looked over for sightlines, floor and ways. Start at
 * {@link app.carder.web.roomplan.RoomPlanService}.
 */
@NullMarked
package app.carder.web.roomplan;

import org.jspecify.annotations.NullMarked;
