package app.carder.web.account;

import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** The authenticator app of somebody. It has the account's id, and counts once a first code of it was right. */
@Entity
class SecondStep extends ScopedRecord {

    @Version
    private int version;

    private byte[] secret;
    private @Nullable Instant confirmedAt;
    private long lastStep;

    protected SecondStep() {}

    SecondStep(Account account, byte[] sealedSecret) {
        super(account.getId(), account.settingId());
        this.secret = sealedSecret;
    }

    /** Another secret, which does not count yet. */
    void renew(byte[] sealedSecret) {
        secret = sealedSecret;
        lastStep = 0;
    }

    void confirm(Instant now) {
        confirmedAt = now;
    }

    /** A code of this step counted: neither it nor one before counts again. */
    void used(long step) {
        lastStep = step;
    }

    boolean isConfirmed() {
        return confirmedAt != null;
    }

    byte[] secret() {
        return secret;
    }

    long lastStep() {
        return lastStep;
    }
}
