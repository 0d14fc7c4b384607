package app.carder.web.room;

import app.carder.core.week.DayStrip;
import java.time.DayOfWeek;
import java.util.UUID;

/**
 * A session of the day, as other features see it.
 *
 * @param id its own
 * @param details what it is, and on which days
 */
public record SessionView(UUID id, SessionDetails details) {

    /** Name, kind and times. */
    public DayStrip.Session session() {
        return details.planned().session();
    }

    /** Whether it takes place on a day of the week. */
    public boolean isOn(DayOfWeek day) {
        return details.weekdays().contains(day);
    }

    /** Whether children play in it as they choose. */
    public boolean isPlay() {
        return details.planned().isPlay();
    }
}
