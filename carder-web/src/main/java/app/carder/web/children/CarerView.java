package app.carder.web.children;

import java.util.UUID;

/**
 * A carer, as other features see it.
 *
 * @param id its own
 * @param childId whose carer it is
 * @param name for people
 * @param email where invitations go
 * @param phone as it is dialled; empty where there is none
 */
public record CarerView(UUID id, UUID childId, String name, String email, String phone) {}
