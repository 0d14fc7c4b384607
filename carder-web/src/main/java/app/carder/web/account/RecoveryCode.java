package app.carder.web.account;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Instead of a code of the app, once. */
@Entity
class RecoveryCode extends ScopedRecord {

    private UUID accountId;
    private String codeHash;
    private @Nullable Instant usedAt;

    protected RecoveryCode() {}

    RecoveryCode(Account account, String codeHash) {
        super(Ids.next(), account.settingId());
        this.accountId = account.getId();
        this.codeHash = codeHash;
    }

    boolean opensWith(String hash) {
        return usedAt == null && codeHash.equals(hash);
    }

    boolean isLeft() {
        return usedAt == null;
    }

    void use(Instant now) {
        usedAt = now;
    }
}
