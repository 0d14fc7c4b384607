package app.carder.web.account;

import java.time.Clock;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what happens to accounts, for the manager to read. What is tried under names that no account has is in no log. */
@Component
class SecurityLog {

    private final SecurityEntryRepository entries;
    private final Clock clock;

    SecurityLog(SecurityEntryRepository entries, Clock clock) {
        this.entries = entries;
        this.clock = clock;
    }

    /** By the owner, or by whoever tries to be; kept also where the request is refused. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void of(Account account, SecurityEvent event, SignInFrom from) {
        entries.save(new SecurityEntry(
                account, event, new SecurityEntry.Circumstances("", from.address(), ""), clock.instant()));
    }

    /** By whoever has the console of the server. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void fromConsole(Account account) {
        entries.save(new SecurityEntry(
                account,
                SecurityEvent.CODE_MADE,
                new SecurityEntry.Circumstances("the server's console", "", ""),
                clock.instant()));
    }

    /** By somebody else, with what it was done in one transaction. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void of(Account account, SecurityEvent event, Viewer by) {
        of(account, event, by, "");
    }

    /** The same, with what it was about. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void of(Account account, SecurityEvent event, Viewer by, String detail) {
        entries.save(new SecurityEntry(
                account, event, new SecurityEntry.Circumstances(by.name(), "", detail), clock.instant()));
    }
}
