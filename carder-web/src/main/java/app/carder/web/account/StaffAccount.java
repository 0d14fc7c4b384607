package app.carder.web.account;

import java.util.UUID;

/**
 * An account, as the manager sees it.
 *
 * @param id of the account
 * @param username that its owner signs in with
 * @param details what the manager said
 * @param isClosed whether nobody can sign in with it
 */
public record StaffAccount(UUID id, String username, StaffDetails details, boolean isClosed) {}
