package app.carder.web.account;

import java.time.LocalDateTime;

/**
 * A code to hand over. It is shown once and kept nowhere.
 *
 * @param person whose it is
 * @param username that they sign in with
 * @param code to type
 * @param endsAt until when it counts, in the setting's time
 */
public record OneTimeCode(String person, String username, String code, LocalDateTime endsAt) {}
