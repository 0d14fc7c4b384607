package app.carder.web.account;

import java.time.Clock;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down and locks out whoever tries passwords. It counts by name, whether or not an account has it, so that the
 * answer tells nobody which accounts there are.
 */
@Service
class SignInGuard {

    private static final int LONGEST_NAME = 120;

    private final SignInFailureRepository failures;
    private final Clock clock;

    SignInGuard(SignInFailureRepository failures, Clock clock) {
        this.failures = failures;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    boolean isBlocked(String username) {
        return failures.findById(key(username))
                .filter(failure -> failure.isBlockedAt(clock.instant()))
                .isPresent();
    }

    @Transactional
    void failed(String username) {
        SignInFailure failure =
                failures.findByUsername(key(username)).orElseGet(() -> new SignInFailure(key(username)));
        failure.failAt(clock.instant());
        failures.save(failure);
    }

    @Transactional
    void succeeded(String username) {
        failures.deleteByUsername(key(username));
    }

    static String key(String username) {
        String lower = username.strip().toLowerCase(Locale.ROOT);
        return lower.length() > LONGEST_NAME ? lower.substring(0, LONGEST_NAME) : lower;
    }
}
