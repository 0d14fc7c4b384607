package app.carder.web.rota;

import java.time.LocalDate;
import java.util.UUID;

/**
 * Days on which an adult is not there.
 *
 * @param id its own
 * @param accountId of the adult
 * @param name of the adult
 * @param from first day
 * @param until last day, included
 */
public record AbsenceView(UUID id, UUID accountId, String name, LocalDate from, LocalDate until) {

    /** Whether they are away on a day. */
    public boolean isOn(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(until);
    }
}
