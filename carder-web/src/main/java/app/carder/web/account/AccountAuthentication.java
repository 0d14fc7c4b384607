package app.carder.web.account;

import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
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
    private final SignInGuard guard;
    private final PasswordEncoder passwords;
    /** Checked where there is no such account, so that the answer takes as long. */
    private final String nobodysHash;

    AccountAuthentication(AccountRepository accounts, SignInGuard guard, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.guard = guard;
        this.passwords = passwords;
        this.nobodysHash = passwords.encode("nobody's password");
    }

    @Override
    public Authentication authenticate(Authentication attempt) {
        String username = SignInGuard.key(attempt.getName());
        if (guard.isBlocked(username)) {
            throw new LockedException("Too many failures under this name.");
        }
        Optional<Account> account = accounts.findByUsername(username);
        String hash = account.map(Account::passwordHash).orElse(nobodysHash);
        boolean right = passwords.matches(String.valueOf(attempt.getCredentials()), hash);
        if (account.isEmpty() || !right) {
            guard.failed(username);
            throw new BadCredentialsException("Name or password is wrong.");
        }
        guard.succeeded(username);
        return signedIn(account.get().viewer());
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
