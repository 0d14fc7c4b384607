package app.carder.web.rota;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.UUID;

/**
 * An adult's hours in a room, as other features see them.
 *
 * @param id its own
 * @param accountId of the adult
 * @param name of the adult
 * @param day of the week
 * @param from included
 * @param until excluded
 */
public record ShiftView(UUID id, UUID accountId, String name, DayOfWeek day, LocalTime from, LocalTime until) {}
