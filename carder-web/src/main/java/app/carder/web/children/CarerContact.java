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
 * @param language in which they are written to; empty where nobody said
 */
public record CarerContact(
        String name, String email, String phone, Optional<LocalDate> readsUntil, CarerBond bond, String language) {

    /** Of somebody who may read until somebody says otherwise. */
    public CarerContact(String name, String email, String phone) {
        this(name, email, phone, Optional.empty(), CarerBond.UNKNOWN, "");
    }
}
