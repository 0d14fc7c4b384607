package app.carder.web.children;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

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
 * @param closesOn the last day of reading after the child has left; empty while no last day of it is known
 * @param language in which they are written to; empty where nobody said
 */
public record CarerView(
        UUID id,
        UUID childId,
        String name,
        String email,
        String phone,
        Optional<LocalDate> readsUntil,
        CarerBond bond,
        Optional<LocalDate> closesOn,
        String language) {

    /** Days after a child's last one on which its family still reads, and saves what it wants to keep: our own figure. */
    static final int DAYS_AFTER_LEAVING = 30;

    /** Whether they may read and be written to on a day. */
    public boolean reads(LocalDate day) {
        return Stream.of(readsUntil, closesOn).flatMap(Optional::stream).noneMatch(last -> last.isBefore(day));
    }
}
