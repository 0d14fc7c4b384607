package app.carder.web.account;

import app.carder.web.page.NotFound;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts of a setting, as other features see them. */
@Service
public class AccountService {

    private static final Limit STAFF = Limit.of(500);

    private final AccountRepository accounts;
    private final PasswordEncoder passwords;
    private final SettingService settings;

    AccountService(AccountRepository accounts, PasswordEncoder passwords, SettingService settings) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.settings = settings;
    }

    /**
     * A password as it is kept.
     *
     * @param hash that tells whether one is the same, and nothing else
     */
    public record HashedPassword(String hash) {

        /** Keeps hashes out of logs. */
        @Override
        public String toString() {
            return "hidden";
        }
    }

    /** A password that was found fit by {@link PasswordPolicy}, as it is kept. */
    public HashedPassword hashed(String password) {
        return new HashedPassword(Objects.requireNonNull(passwords.encode(password)));
    }

    /** Makes an account. */
    @Transactional
    public Viewer create(SettingId settingId, String username, StaffDetails details, HashedPassword password) {
        Account account = new Account(settingId, SignInGuard.key(username), details, password.hash());
        accounts.save(account);
        return account.viewer();
    }

    /** Whether somebody, here or in another setting, signs in under this name. */
    @Transactional(readOnly = true)
    public boolean isTaken(String username) {
        return accounts.findByUsername(SignInGuard.key(username)).isPresent();
    }

    /** Whether one of these accounts is there and still has this password. */
    @Transactional(readOnly = true)
    public boolean anyStillHas(List<String> usernames, String password) {
        return usernames.stream()
                .flatMap(username -> accounts.findByUsername(username).stream())
                .anyMatch(account -> passwords.matches(password, account.passwordHash()));
    }

    /** The setting's staff by name, without those whose account is closed. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<StaffView> staff(SettingId settingId) {
        return all(settingId).stream()
                .filter(account -> !account.isClosed())
                .map(Account::staffView)
                .toList();
    }

    /** Names of all who are or were staff, so that what they did keeps its author. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public Map<UUID, String> names(SettingId settingId) {
        return all(settingId).stream().collect(Collectors.toMap(Account::getId, Account::displayName));
    }

    /** The language that somebody chose to be answered in; absent where that is what the browser asks for. */
    @Transactional(readOnly = true)
    public Optional<String> language(Viewer viewer) {
        return accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .flatMap(Account::language);
    }

    /** Somebody chooses the language that they are answered in. */
    @Transactional
    public void choose(Viewer viewer, Optional<String> language) {
        accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .orElseThrow(NotFound::new)
                .choose(language);
    }

    /** Where somebody is told once a day of what is new; empty where they do not want it. */
    @Transactional(readOnly = true)
    public String dailyNoteAddress(Viewer viewer) {
        return accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .map(Account::digestAddress)
                .orElse("");
    }

    /** Somebody wants to be told once a day, or with an empty address no more. */
    @Transactional
    public void tellDaily(Viewer viewer, String address) {
        accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .orElseThrow(NotFound::new)
                .tellDailyAt(address);
    }

    /**
     * Somebody who is to be told today.
     *
     * @param viewer who it is
     * @param address where to
     */
    public record ToTell(Viewer viewer, String address) {}

    /** Takes those of a setting who want to be told and have not been on a day; from then on they have. */
    @Transactional
    public List<ToTell> takeThoseToTell(SettingId settingId, LocalDate day) {
        return accounts.findBySettingIdAndDigestAddressNot(settingId, "").stream()
                .filter(account -> account.isToBeToldOn(day))
                .map(account -> {
                    account.told(day);
                    return new ToTell(account.viewer(), account.digestAddress());
                })
                .toList();
    }

    /** Whoever an account belongs to, closed accounts included, so that what they wrote comes in under their name. */
    @Transactional(readOnly = true)
    public Optional<Viewer> author(SettingId settingId, UUID accountId) {
        return accounts.findByIdAndSettingId(accountId, settingId).map(Account::viewer);
    }

    /** The same, of an account whose owner may be signed in today. */
    @Transactional(readOnly = true)
    public Optional<Viewer> openToday(SettingId settingId, UUID accountId) {
        return accounts.findByIdAndSettingId(accountId, settingId)
                .filter(account -> account.isOpenOn(settings.today(settingId)))
                .map(Account::viewer);
    }

    /** Whether an account is there and not closed. */
    @Transactional(readOnly = true)
    public boolean isOpen(SettingId settingId, UUID accountId) {
        return accounts.findByIdAndSettingId(accountId, settingId)
                .filter(account -> !account.isClosed())
                .isPresent();
    }

    private List<Account> all(SettingId settingId) {
        return accounts.findBySettingIdAndRoleNotOrderByDisplayName(settingId, Role.CARER, STAFF);
    }
}
