package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts of a setting. */
@Service
public class AccountService {

    /** The shortest password: 10 characters. NIST SP 800-63B asks for 8 or more (from memory). */
    public static final int SHORTEST_PASSWORD = 10;

    /** What bcrypt takes into account: 72 bytes. */
    public static final int LONGEST_PASSWORD_BYTES = 72;

    private static final Limit STAFF = Limit.of(200);

    private final AccountRepository accounts;
    private final PasswordEncoder passwords;

    AccountService(AccountRepository accounts, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.passwords = passwords;
    }

    /**
     * Makes an account.
     *
     * @throws IllegalArgumentException if the password is too short or too long
     */
    @Transactional
    public Viewer create(
            SettingId settingId,
            String username,
            String displayName,
            String password,
            Role role,
            @Nullable UUID roomId) {
        if (!isFitPassword(password)) {
            throw new IllegalArgumentException("Password must have %d characters or more and at most %d bytes."
                    .formatted(SHORTEST_PASSWORD, LONGEST_PASSWORD_BYTES));
        }
        Account account = new Account(
                settingId, SignInGuard.key(username), displayName, passwords.encode(password), role, roomId);
        accounts.save(account);
        return account.viewer();
    }

    /** Whether somebody, here or in another setting, signs in under this name. */
    @Transactional(readOnly = true)
    public boolean isTaken(String username) {
        return accounts.findByUsername(SignInGuard.key(username)).isPresent();
    }

    /** Whether a password is long enough, and not longer than is taken into account. */
    public static boolean isFitPassword(String password) {
        return password.length() >= SHORTEST_PASSWORD
                && password.getBytes(StandardCharsets.UTF_8).length <= LONGEST_PASSWORD_BYTES;
    }

    /** The setting's staff by name. */
    @Transactional(readOnly = true)
    public List<StaffView> staff(SettingId settingId) {
        return accounts.findBySettingIdAndRoleNotOrderByDisplayName(settingId, Role.CARER, STAFF).stream()
                .map(Account::staffView)
                .toList();
    }
}
