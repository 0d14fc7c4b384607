package app.carder.web.account;

import java.util.UUID;

/**
 * A member of staff, as other features see it.
 *
 * @param id of the account
 * @param name for people
 * @param role what they do here
 */
public record StaffView(UUID id, String name, Role role) {}
