package app.carder.web.account;

import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a manager does with the accounts of staff. Nobody but their owners learns a password. */
@Service
public class StaffAccountService {

    private static final Limit MOST = Limit.of(500);

    private final AccountRepository accounts;
    private final PasswordCodeRepository codes;
    private final PasswordEncoder passwords;
    private final SignedInSessions sessions;
    private final SignInGuard guard;
    private final SecondStepService secondSteps;
    private final SecurityLog log;
    private final SettingService settings;
    private final Clock clock;

    StaffAccountService(
            AccountRepository accounts,
            PasswordCodeRepository codes,
            PasswordEncoder passwords,
            SignedInSessions sessions,
            SignInGuard guard,
            SecondStepService secondSteps,
            SecurityLog log,
            SettingService settings,
            Clock clock) {
        this.accounts = accounts;
        this.codes = codes;
        this.passwords = passwords;
        this.sessions = sessions;
        this.guard = guard;
        this.secondSteps = secondSteps;
        this.log = log;
        this.settings = settings;
        this.clock = clock;
    }

    /** All of the setting's staff by name, closed accounts included. */
    @Transactional(readOnly = true)
    public List<StaffAccount> all(SettingId settingId) {
        return accounts.findBySettingIdAndRoleNotOrderByDisplayName(settingId, Role.CARER, MOST).stream()
                .map(Account::staffAccount)
                .toList();
    }

    /**
     * One of them.
     *
     * @throws NotFound if no member of the setting's staff has the id
     */
    @Transactional(readOnly = true)
    public StaffAccount one(SettingId settingId, UUID accountId) {
        return find(settingId, accountId).staffAccount();
    }

    /** Makes an account whose owner chooses the password, with the code that comes back. */
    @Transactional
    public OneTimeCode invite(Viewer by, String username, StaffDetails details) {
        Account account =
                new Account(by.settingId(), SignInGuard.key(username), details, passwords.encode(LinkSecrets.token()));
        accounts.save(account);
        log.of(account, SecurityEvent.ACCOUNT_MADE, by);
        return code(account);
    }

    /**
     * Renames, moves, gives another role; whoever is signed in with it signs in anew, so that what they may do is never that of before.
     *
     * @throws LastManager if nobody else would manage the setting
     */
    @Transactional
    public void change(Viewer by, UUID accountId, StaffDetails details) {
        Account account = find(by.settingId(), accountId);
        if (details.role() != Role.MANAGER || details.cover().isPresent()) {
            keepAManager(account);
        }
        account.change(details);
        log.of(account, SecurityEvent.ACCOUNT_CHANGED, by);
        sessions.endAll(accountId);
    }

    /**
     * Nobody can sign in with it any more, and whoever is signed in is no longer.
     *
     * @throws LastManager if nobody else would manage the setting
     */
    @Transactional
    public void close(Viewer by, UUID accountId) {
        Account account = find(by.settingId(), accountId);
        keepAManager(account);
        account.close(clock.instant());
        codes.findByIdAndSettingId(accountId, by.settingId()).ifPresent(codes::delete);
        guard.forgetBrowsers(account);
        log.of(account, SecurityEvent.ACCOUNT_CLOSED, by);
        sessions.endAll(accountId);
    }

    /** Its owner can sign in again, with the password of before. */
    @Transactional
    public void open(Viewer by, UUID accountId) {
        Account account = find(by.settingId(), accountId);
        account.open();
        log.of(account, SecurityEvent.ACCOUNT_OPENED, by);
    }

    /** A code for somebody who forgot their password, or may have lost it to somebody else: sessions end, known browsers are strangers. */
    @Transactional
    public OneTimeCode newCode(Viewer by, UUID accountId) {
        Account account = find(by.settingId(), accountId);
        account.setPassword(passwords.encode(LinkSecrets.token()));
        guard.forgetBrowsers(account);
        secondSteps.forgetAll(account);
        log.of(account, SecurityEvent.CODE_MADE, by);
        sessions.endAll(accountId);
        return code(account);
    }

    /** Everybody who is signed in with it is no longer. */
    @Transactional
    public void endSessions(Viewer by, UUID accountId) {
        Account account = find(by.settingId(), accountId);
        log.of(account, SecurityEvent.SESSIONS_ENDED, by);
        sessions.endAll(accountId);
    }

    /**
     * Makes somebody a manager who can sign in, for whoever has the console of the server. A name that nobody has gets an account where
     * there is one setting only.
     *
     * @throws IllegalArgumentException if the name is a carer's, or nobody has it and there are several settings, or none
     */
    @Transactional
    public OneTimeCode manageFromConsole(String username) {
        String name = SignInGuard.key(username);
        Account account = accounts.findByUsername(name).orElseGet(() -> {
            SettingId only = settings.only()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Nobody signs in as \"%s\", and there is not exactly one setting to make an account in."
                                    .formatted(name)));
            return new Account(only, name, manager(username.strip(), Set.of()), passwords.encode(LinkSecrets.token()));
        });
        StaffDetails was = account.staffAccount().details();
        if (!was.role().isStaff()) {
            throw new IllegalArgumentException("\"%s\" is the account of a carer.".formatted(name));
        }
        account.change(manager(was.name(), was.rooms()));
        account.open();
        account.setPassword(passwords.encode(LinkSecrets.token()));
        accounts.save(account);
        guard.forgetBrowsers(account);
        secondSteps.forgetAll(account);
        log.fromConsole(account);
        sessions.endAll(account.getId());
        return code(account);
    }

    private static StaffDetails manager(String name, Set<UUID> rooms) {
        return new StaffDetails(name, Role.MANAGER, rooms, Optional.empty());
    }

    private OneTimeCode code(Account account) {
        String code = LinkSecrets.longCode();
        String hash = LinkSecrets.hashOfTyped(code);
        PasswordCode kept = codes.findByIdAndSettingId(account.getId(), account.settingId())
                .orElseGet(() -> new PasswordCode(account, hash, clock.instant()));
        kept.renew(hash, clock.instant());
        codes.save(kept);
        return new OneTimeCode(
                account.displayName(), account.username(), code, settings.local(account.settingId(), kept.endsAt()));
    }

    private void keepAManager(Account leaving) {
        boolean another = accounts.findBySettingIdAndRoleOrderById(leaving.settingId(), Role.MANAGER).stream()
                .anyMatch(manager ->
                        manager.isStandingManager() && !manager.getId().equals(leaving.getId()));
        if (leaving.isStandingManager() && !another) {
            throw new LastManager();
        }
    }

    private Account find(SettingId settingId, UUID accountId) {
        return accounts.findByIdAndSettingId(accountId, settingId)
                .filter(account -> account.staffView().role().isStaff())
                .orElseThrow(NotFound::new);
    }
}
