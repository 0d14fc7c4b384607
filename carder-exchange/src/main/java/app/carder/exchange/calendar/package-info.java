/**
 * Calendars (RFC 5545): the week's plan out, closed days and visits in. Start at {@link app.carder.exchange.calendar.CalendarFile}.
 */
@NullMarked
package app.carder.exchange.calendar;

import org.jspecify.annotations.NullMarked;
