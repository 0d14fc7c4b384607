package app.carder.web.account;

import java.time.Clock;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down whoever tries passwords or codes. Every try counts against the address that it comes from and, as somebody may use
 * many addresses, against the account. A browser that the account's owner has signed in with has a budget of its own: no stranger can
 * use that up. Nothing is written down for a name that no account has.
 */
@Service
class SignInGuard {

    /**
     * From one address under any names, those of accounts and others alike, so that the answer tells nobody which accounts there are. A
     * nursery shares one address; whoever signed in before does not count here.
     */
    static final int FROM_AN_ADDRESS = 20;

    /** At one account from browsers that its owner never used. */
    static final int AT_AN_ACCOUNT = 100;

    /** With a browser that its owner uses. */
    static final int WITH_A_KNOWN_BROWSER = 10;

    /** A browser that was not used for so long is a stranger again. */
    static final Duration BROWSER_IS_KNOWN_FOR = Duration.ofDays(180);

    private static final int LONGEST_NAME = 120;

    private final SignInBudgets budgets;
    private final KnownBrowserRepository browsers;
    private final Clock clock;

    SignInGuard(SignInBudgets budgets, KnownBrowserRepository browsers, Clock clock) {
        this.budgets = budgets;
        this.browsers = browsers;
        this.clock = clock;
    }

    private record Budget(String subject, int most) {}

    @Transactional(readOnly = true)
    boolean isBlocked(Optional<Account> account, SignInFrom from) {
        return budgets(account, from)
                .anyMatch(budget -> budgets.failures(budget.subject(), clock.instant()) >= budget.most());
    }

    /** Counts a failure, also where the request that made it is refused. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(Optional<Account> account, SignInFrom from) {
        budgets(account, from).forEach(budget -> budgets.fail(budget.subject(), clock.instant()));
    }

    /** What failed before in this browser is forgiven, but not what was tried from elsewhere. */
    @Transactional
    public void succeeded(Account account, SignInFrom from) {
        from.browser().map(hash -> browser(account, hash)).ifPresent(budgets::forgive);
    }

    /** From now on the browser with this token is known to be somebody's own. */
    @Transactional
    public void know(Viewer viewer, String token) {
        String hash = LinkSecrets.hash(token);
        KnownBrowser browser = browsers.findByTokenHashAndAccountIdAndSettingId(
                        hash, viewer.personId(), viewer.settingId())
                .orElseGet(() -> new KnownBrowser(hash, viewer, clock.instant()));
        browser.usedAt(clock.instant());
        browsers.save(browser);
    }

    /** No browser is known any more to be this person's. */
    @Transactional
    public void forgetBrowsers(Account account) {
        browsers.deleteByAccountIdAndSettingId(account.getId(), account.settingId());
    }

    /** What to count: nothing but the browser's own where it is known. */
    private Stream<Budget> budgets(Optional<Account> account, SignInFrom from) {
        Optional<String> known = account.flatMap(owner -> from.browser()
                .filter(hash -> browsers.findByTokenHashAndAccountIdAndSettingId(hash, owner.getId(), owner.settingId())
                        .isPresent())
                .map(hash -> browser(owner, hash)));
        if (known.isPresent()) {
            return known.map(subject -> new Budget(subject, WITH_A_KNOWN_BROWSER)).stream();
        }
        return Stream.concat(
                account.map(owner -> new Budget("account " + owner.getId(), AT_AN_ACCOUNT)).stream(),
                Stream.of(new Budget("address " + from.address(), FROM_AN_ADDRESS)));
    }

    private static String browser(Account owner, String hash) {
        return "browser " + owner.getId() + " " + hash;
    }

    /** Throws away what no longer counts. */
    @Scheduled(fixedDelayString = "PT1H", initialDelayString = "PT2M")
    @Transactional
    public void tidy() {
        budgets.tidy(clock.instant());
        browsers.deleteByLastUsedAtBefore(clock.instant().minus(BROWSER_IS_KNOWN_FOR));
    }

    static String key(String username) {
        String lower = username.strip().toLowerCase(Locale.ROOT);
        return lower.length() > LONGEST_NAME ? lower.substring(0, LONGEST_NAME) : lower;
    }
}
