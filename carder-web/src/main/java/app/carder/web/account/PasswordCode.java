package app.carder.web.account;

import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Duration;
import java.time.Instant;

/** A code with which the owner of an account, whose id it has, chooses a password. Only its hash is kept. */
@Entity
class PasswordCode extends ScopedRecord {

    /** For handing it over: three days. */
    static final Duration LASTS = Duration.ofDays(3);

    /** Then it is worth nothing, however it goes on. */
    private static final int MOST_WRONG_TRIES = 10;

    private String codeHash;
    private Instant endsAt;
    private int wrongTries;

    protected PasswordCode() {}

    PasswordCode(Account account, String hash, Instant now) {
        super(account.getId(), account.settingId());
        this.codeHash = hash;
        this.endsAt = now.plus(LASTS);
    }

    /** From now on only this code counts. */
    void renew(String hash, Instant now) {
        codeHash = hash;
        endsAt = now.plus(LASTS);
        wrongTries = 0;
    }

    /** Whether it is the code; a wrong one is counted. */
    boolean isRight(String hash, Instant now) {
        boolean right = hash.equals(codeHash) && now.isBefore(endsAt) && wrongTries < MOST_WRONG_TRIES;
        if (!right) {
            wrongTries++;
        }
        return right;
    }

    Instant endsAt() {
        return endsAt;
    }
}
