package app.carder.web.account;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What a manager says of somebody with an account.
 *
 * @param name for people
 * @param role what they do here
 * @param rooms where they work; their pages open on the first
 * @param cover the days on which they stand in; absent for those who always work here
 */
public record StaffDetails(String name, Role role, Set<UUID> rooms, Optional<Cover> cover) {

    /** Keeps its own copy, in the same order. */
    public StaffDetails {
        rooms = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(rooms));
    }
}
