package app.carder.web.account;

import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the owner of an account does about their own password. */
@Service
class OwnPasswordService {

    private final AccountRepository accounts;
    private final PasswordCodeRepository codes;
    private final PasswordEncoder passwords;
    private final PasswordPolicy policy;
    private final SignInGuard guard;
    private final SecurityLog log;
    private final SignedInSessions sessions;
    private final SettingService settings;
    private final Clock clock;

    OwnPasswordService(
            AccountRepository accounts,
            PasswordCodeRepository codes,
            PasswordEncoder passwords,
            PasswordPolicy policy,
            SignInGuard guard,
            SecurityLog log,
            SignedInSessions sessions,
            SettingService settings,
            Clock clock) {
        this.accounts = accounts;
        this.codes = codes;
        this.passwords = passwords;
        this.policy = policy;
        this.guard = guard;
        this.log = log;
        this.sessions = sessions;
        this.settings = settings;
        this.clock = clock;
    }

    /** What came of a try to choose a password. */
    enum Outcome {
        DONE,
        /** The old password, or the code with the name, is wrong. */
        WRONG,
        /** Too many were wrong. */
        BLOCKED,
        /** The new password is not fit; nothing is used up. */
        UNFIT
    }

    /** An outcome, and what is wrong with a password that is not fit. */
    record Result(Outcome outcome, Optional<PasswordFault> fault) {
        private static Result of(Outcome outcome) {
            return new Result(outcome, Optional.empty());
        }
    }

    /** Whether somebody's password is right, for what asks for it again. */
    @Transactional
    public Outcome check(Viewer viewer, String password, SignInFrom from) {
        Account account = own(viewer);
        if (guard.isBlocked(Optional.of(account), from)) {
            log.of(account, SecurityEvent.LOCKED_OUT, from);
            return Outcome.BLOCKED;
        }
        if (!passwords.matches(password, account.passwordHash())) {
            guard.failed(Optional.of(account), from);
            log.of(account, SecurityEvent.WRONG_PASSWORD, from);
            return Outcome.WRONG;
        }
        return Outcome.DONE;
    }

    /** Changes it; everybody else who is signed in with the old one is no longer. */
    @Transactional
    public Result change(Viewer viewer, String old, String chosen, SignInFrom from, String ownSession) {
        Outcome checked = check(viewer, old, from);
        if (checked != Outcome.DONE) {
            return Result.of(checked);
        }
        Account account = own(viewer);
        Optional<PasswordFault> fault = fault(account, chosen);
        if (fault.isPresent()) {
            return new Result(Outcome.UNFIT, fault);
        }
        account.setPassword(passwords.encode(chosen));
        log.of(account, SecurityEvent.PASSWORD_CHANGED, from);
        sessions.endOthers(account.getId(), ownSession);
        return Result.of(Outcome.DONE);
    }

    /** Chooses a password with a code that a manager handed over; the code counts once. */
    @Transactional
    public Result choose(String username, String typedCode, String chosen, SignInFrom from) {
        Optional<Account> account = accounts.findByUsername(SignInGuard.key(username));
        if (guard.isBlocked(account, from)) {
            account.ifPresent(owner -> log.of(owner, SecurityEvent.LOCKED_OUT, from));
            return Result.of(Outcome.BLOCKED);
        }
        Optional<PasswordCode> code = account.filter(owner -> !owner.isClosed())
                .flatMap(owner -> codes.findByIdAndSettingId(owner.getId(), owner.settingId()));
        if (code.isEmpty() || !code.get().isRight(LinkSecrets.hashOfTyped(typedCode), clock.instant())) {
            guard.failed(account, from);
            account.ifPresent(owner -> log.of(owner, SecurityEvent.WRONG_CODE, from));
            return Result.of(Outcome.WRONG);
        }
        Account owner = account.orElseThrow();
        // Told only to who has the code: what is wrong with it depends on the owner's name.
        Optional<PasswordFault> fault = fault(owner, chosen);
        if (fault.isPresent()) {
            return new Result(Outcome.UNFIT, fault);
        }
        owner.setPassword(passwords.encode(chosen));
        codes.delete(code.get());
        log.of(owner, SecurityEvent.PASSWORD_CHANGED, from);
        sessions.endAll(owner.getId());
        return Result.of(Outcome.DONE);
    }

    /** Where somebody is signed in; every session but their own ends. */
    @Transactional
    public void endOtherSessions(Viewer viewer, SignInFrom from, String ownSession) {
        log.of(own(viewer), SecurityEvent.SESSIONS_ENDED, from);
        sessions.endOthers(viewer.personId(), ownSession);
    }

    /** One of their passkeys is gone. */
    @Transactional
    public void passkeyRemoved(Viewer viewer, SignInFrom from) {
        log.of(own(viewer), SecurityEvent.PASSKEY_REMOVED, from);
    }

    private Optional<PasswordFault> fault(Account account, String password) {
        return policy.fault(
                password,
                List.of(
                        account.username(),
                        account.displayName(),
                        settings.get(account.settingId()).name()));
    }

    private Account own(Viewer viewer) {
        return accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .orElseThrow(NotFound::new);
    }
}
