package app.carder.web.account;

import java.util.EnumSet;
import java.util.Set;

/** Groups of roles that routes are open to. */
public enum Audience {
    /** Everyone, signed in or not. */
    EVERYONE(EnumSet.allOf(Role.class)),
    /** Everyone who is signed in. */
    SIGNED_IN(EnumSet.allOf(Role.class)),
    /** Manager, room lead, practitioner. */
    STAFF(EnumSet.of(Role.MANAGER, Role.ROOM_LEAD, Role.PRACTITIONER)),
    /** Manager and room lead. */
    LEADS(EnumSet.of(Role.MANAGER, Role.ROOM_LEAD)),
    /** The manager. */
    MANAGERS(EnumSet.of(Role.MANAGER)),
    /** Carers. */
    CARERS(EnumSet.of(Role.CARER));

    private final Set<Role> roles;

    Audience(Set<Role> roles) {
        this.roles = Set.copyOf(roles);
    }

    /** Whether somebody in this role belongs to it. */
    public boolean includes(Role role) {
        return roles.contains(role);
    }
}
