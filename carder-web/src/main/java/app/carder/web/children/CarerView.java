package app.carder.web.children;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * A carer, as other features see it.
 *
 * @param id its own
 * @param childId whose carer it is
 * @param name for people
 * @param email where invitations go; empty where there is none
 * @param phone as it is dialled; empty where there is none
 * @param readsUntil the last day on which they may read; empty where no end is known
 * @param bond what they are to the child
 */
public record CarerView(
        UUID id,
        UUID childId,
        String name,
        String email,
        String phone,
        Optional<LocalDate> readsUntil,
        CarerBond bond) {

    /** Whether they may read and be written to on a day. */
    public boolean reads(LocalDate day) {
        return readsUntil.filter(last -> last.isBefore(day)).isEmpty();
    }
}
