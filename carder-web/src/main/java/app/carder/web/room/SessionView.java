package app.carder.web.room;

import app.carder.core.week.DayStrip;
import java.util.UUID;

/**
 * A session of the day, as other features see it.
 *
 * @param id its own
 * @param session name, kind and times
 */
public record SessionView(UUID id, DayStrip.Session session) {}
