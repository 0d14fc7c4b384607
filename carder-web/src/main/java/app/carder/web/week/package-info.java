/**
 * The week of a room: its sessions, closed days, the board of cards, the proposed week, lists and calendars. Start at
 * {@link app.carder.web.week.WeekService}.
 */
@NullMarked
package app.carder.web.week;

import org.jspecify.annotations.NullMarked;
