package app.carder.web.children;

/**
 * How a carer is reached.
 *
 * @param name for people
 * @param email where invitations go; empty where there is none
 * @param phone as it is dialled; empty where there is none
 */
public record CarerContact(String name, String email, String phone) {}
