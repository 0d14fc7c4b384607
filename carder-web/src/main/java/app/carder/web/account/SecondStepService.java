package app.carder.web.account;

import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The second step at sign-in: an authenticator app, and codes on paper for the day on which it is lost. */
@Service
public class SecondStepService {

    private static final int CODES = 10;

    private final SecondStepRepository steps;
    private final RecoveryCodeRepository codes;
    private final SignInPolicyRepository policies;
    private final AccountRepository accounts;
    private final SignInGuard guard;
    private final SecurityLog log;
    private final UserCredentialRepository passkeys;
    private final SecretBox box;
    private final Clock clock;

    SecondStepService(
            SecondStepRepository steps,
            RecoveryCodeRepository codes,
            SignInPolicyRepository policies,
            AccountRepository accounts,
            SignInGuard guard,
            SecurityLog log,
            UserCredentialRepository passkeys,
            SecretBox box,
            Clock clock) {
        this.steps = steps;
        this.codes = codes;
        this.policies = policies;
        this.accounts = accounts;
        this.guard = guard;
        this.log = log;
        this.passkeys = passkeys;
        this.box = box;
        this.clock = clock;
    }

    /** What became of a code. */
    enum Outcome {
        RIGHT,
        WRONG,
        BLOCKED
    }

    /** Whether somebody has a second step. */
    @Transactional(readOnly = true)
    boolean isOn(Viewer viewer) {
        return step(viewer).filter(SecondStep::isConfirmed).isPresent();
    }

    /** Whether somebody has a passkey, which is both steps in one. */
    boolean hasPasskey(Viewer viewer) {
        return !passkeys.findByUserId(PasskeyHandles.handle(viewer.personId())).isEmpty();
    }

    /** Whether their setting asks somebody for one. */
    @Transactional(readOnly = true)
    boolean isAsked(Viewer viewer) {
        return (viewer.role() == Role.MANAGER || viewer.role() == Role.ROOM_LEAD) && asks(viewer.settingId());
    }

    /** Whether a setting asks managers and leads for one. */
    @Transactional(readOnly = true)
    public boolean asks(SettingId settingId) {
        return policies.findBySettingId(settingId).filter(SignInPolicy::asks).isPresent();
    }

    /** Asks managers and leads for one, from their next sign-in on, or no longer. */
    @Transactional
    public void ask(Viewer by, boolean asks) {
        SignInPolicy policy =
                policies.findBySettingId(by.settingId()).orElseGet(() -> new SignInPolicy(by.settingId()));
        policy.ask(asks);
        policies.save(policy);
        log.of(account(by), asks ? SecurityEvent.SECOND_STEP_ASKED : SecurityEvent.SECOND_STEP_NOT_ASKED, by);
    }

    /** How many recovery codes somebody has left. */
    @Transactional(readOnly = true)
    long codesLeft(Viewer viewer) {
        return codes.findByAccountIdAndSettingId(viewer.personId(), viewer.settingId()).stream()
                .filter(RecoveryCode::isLeft)
                .count();
    }

    /** The secret to set up: the same until it is confirmed, so that a page that is loaded again shows the same picture. */
    @Transactional
    byte[] begin(Viewer viewer) {
        Optional<SecondStep> begun = step(viewer);
        if (begun.isPresent()) {
            return box.open(begun.get().secret());
        }
        byte[] secret = Totp.secret();
        steps.save(new SecondStep(account(viewer), box.close(secret)));
        return secret;
    }

    /** The app is set up where its first code is right; recovery codes then, which are shown once and kept as hashes. */
    @Transactional
    Optional<List<String>> confirm(Viewer viewer, String typed, SignInFrom from) {
        Account account = account(viewer);
        if (check(account, typed, from, false) != Outcome.RIGHT) {
            return Optional.empty();
        }
        step(viewer).ifPresent(step -> step.confirm(clock.instant()));
        log.of(account, SecurityEvent.SECOND_STEP_ON, from);
        return Optional.of(newCodes(account));
    }

    /** New recovery codes; those of before count no longer. */
    @Transactional
    List<String> newCodes(Viewer viewer, SignInFrom from) {
        Account account = account(viewer);
        log.of(account, SecurityEvent.RECOVERY_CODES_MADE, from);
        return newCodes(account);
    }

    /** Signs in with the password alone from now on. */
    @Transactional
    void takeAway(Viewer viewer, SignInFrom from) {
        Account account = account(viewer);
        forget(account);
        log.of(account, SecurityEvent.SECOND_STEP_OFF, from);
    }

    private void forget(Account account) {
        steps.findByIdAndSettingId(account.getId(), account.settingId()).ifPresent(steps::delete);
        codes.deleteByAccountIdAndSettingId(account.getId(), account.settingId());
    }

    /** As where a manager gives somebody a new code, who may have lost their phone: neither app nor passkeys count any more. */
    @Transactional
    public void forgetAll(Account account) {
        forget(account);
        passkeys.findByUserId(PasskeyHandles.handle(account.getId()))
                .forEach(passkey -> passkeys.delete(passkey.getCredentialId()));
    }

    /** Checks a code of the app, or a recovery code, each of which counts once. */
    @Transactional
    Outcome check(Viewer viewer, String typed, SignInFrom from) {
        return check(account(viewer), typed, from, true);
    }

    /** Somebody has passed both steps. */
    @Transactional
    void signedIn(Viewer viewer, SignInFrom from) {
        log.of(account(viewer), SecurityEvent.SIGNED_IN, from);
    }

    private Outcome check(Account account, String typed, SignInFrom from, boolean orRecovery) {
        if (guard.isBlocked(Optional.of(account), from)) {
            log.of(account, SecurityEvent.LOCKED_OUT, from);
            return Outcome.BLOCKED;
        }
        if (isOfTheApp(account, typed.replace(" ", "")) || orRecovery && isRecovery(account, typed)) {
            return Outcome.RIGHT;
        }
        guard.failed(Optional.of(account), from);
        log.of(account, SecurityEvent.WRONG_SECOND_STEP, from);
        return Outcome.WRONG;
    }

    private boolean isOfTheApp(Account account, String typed) {
        Optional<SecondStep> step = steps.findByIdAndSettingId(account.getId(), account.settingId());
        OptionalLong accepted = step.map(
                        found -> Totp.accepted(box.open(found.secret()), typed, clock.instant(), found.lastStep()))
                .orElse(OptionalLong.empty());
        accepted.ifPresent(number -> step.ifPresent(found -> found.used(number)));
        return accepted.isPresent();
    }

    private boolean isRecovery(Account account, String typed) {
        String hash = LinkSecrets.hashOfTyped(typed);
        Optional<RecoveryCode> found = codes.findByAccountIdAndSettingId(account.getId(), account.settingId()).stream()
                .filter(code -> code.opensWith(hash))
                .findFirst();
        found.ifPresent(code -> {
            code.use(clock.instant());
            codes.save(code);
        });
        return found.isPresent();
    }

    private List<String> newCodes(Account account) {
        codes.deleteByAccountIdAndSettingId(account.getId(), account.settingId());
        List<String> shown = new ArrayList<>();
        for (int i = 0; i < CODES; i++) {
            String code = LinkSecrets.longCode();
            codes.save(new RecoveryCode(account, LinkSecrets.hashOfTyped(code)));
            shown.add(code);
        }
        return shown;
    }

    private Optional<SecondStep> step(Viewer viewer) {
        return steps.findByIdAndSettingId(viewer.personId(), viewer.settingId());
    }

    private Account account(Viewer viewer) {
        return accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .orElseThrow(NotFound::new);
    }
}
