package app.carder.web.account;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** A browser that the owner of an account has signed in with. Only the hash of its token is kept. */
@Entity
class KnownBrowser extends ScopedRecord {

    private String tokenHash;
    private UUID accountId;
    private Instant lastUsedAt;

    protected KnownBrowser() {}

    KnownBrowser(String tokenHash, Viewer viewer, Instant now) {
        super(Ids.next(), viewer.settingId());
        this.tokenHash = tokenHash;
        this.accountId = viewer.personId();
        this.lastUsedAt = now;
    }

    void usedAt(Instant now) {
        this.lastUsedAt = now;
    }
}
