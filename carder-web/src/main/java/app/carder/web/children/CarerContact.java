package app.carder.web.children;

import java.time.LocalDate;
import java.util.Optional;

/**
 * How a carer is reached, and until when.
 *
 * @param name for people
 * @param email where invitations go; empty where there is none
 * @param phone as it is dialled; empty where there is none
 * @param readsUntil the last day on which they may read; empty where no end is known
 * @param bond what they are to the child
 */
public record CarerContact(String name, String email, String phone, Optional<LocalDate> readsUntil, CarerBond bond) {

    /** Of somebody who may read until somebody says otherwise. */
    public CarerContact(String name, String email, String phone) {
        this(name, email, phone, Optional.empty(), CarerBond.UNKNOWN);
    }
}
