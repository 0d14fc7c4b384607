package app.carder.web.account;

import app.carder.web.setting.SettingService;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.DisabledException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Signs in by name and password, with the guard before it. */
@Component
class AccountAuthentication implements AuthenticationProvider {

    private final AccountRepository accounts;
    private final SettingService settings;
    private final SignInGuard guard;
    private final SecondStepService steps;
    private final SecurityLog log;
    private final PasswordEncoder passwords;
    /** Checked where there is no such account, so that the answer takes as long. */
    private final String nobodysHash;

    AccountAuthentication(
            AccountRepository accounts,
            SettingService settings,
            SignInGuard guard,
            SecondStepService steps,
            SecurityLog log,
            PasswordEncoder passwords) {
        this.accounts = accounts;
        this.settings = settings;
        this.guard = guard;
        this.steps = steps;
        this.log = log;
        this.passwords = passwords;
        this.nobodysHash = passwords.encode("nobody's password");
    }

    @Override
    public Authentication authenticate(Authentication attempt) {
        SignInFrom from =
                (SignInFrom) Objects.requireNonNull(attempt.getDetails(), "The form says where a try comes from.");
        Optional<Account> account = accounts.findByUsername(SignInGuard.key(attempt.getName()));
        if (guard.isBlocked(account, from)) {
            account.ifPresent(owner -> log.of(owner, SecurityEvent.LOCKED_OUT, from));
            throw new LockedException("Too many failures.");
        }
        String hash = account.map(Account::passwordHash).orElse(nobodysHash);
        boolean right = passwords.matches(String.valueOf(attempt.getCredentials()), hash);
        if (account.isEmpty() || !right) {
            guard.failed(account, from);
            account.ifPresent(owner -> log.of(owner, SecurityEvent.WRONG_PASSWORD, from));
            throw new BadCredentialsException("Name or password is wrong.");
        }
        Account owner = account.get();
        if (!owner.isOpenOn(settings.today(owner.settingId()))) {
            log.of(owner, SecurityEvent.CLOSED_ACCOUNT, from);
            throw new DisabledException("The account is closed.");
        }
        guard.succeeded(owner, from);
        Viewer viewer = owner.viewer();
        if (steps.isOn(viewer) || steps.isAsked(viewer)) {
            return UsernamePasswordAuthenticationToken.authenticated(new HalfSignedIn(viewer), null, List.of());
        }
        log.of(owner, SecurityEvent.SIGNED_IN, from);
        return signedIn(viewer);
    }

    @Override
    public boolean supports(Class<?> authentication) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(authentication);
    }

    /** The token of somebody who is signed in. */
    static Authentication signedIn(Viewer viewer) {
        return UsernamePasswordAuthenticationToken.authenticated(
                viewer,
                null,
                List.of(new SimpleGrantedAuthority("ROLE_" + viewer.role().name())));
    }
}
