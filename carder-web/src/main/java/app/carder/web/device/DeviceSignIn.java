package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody's sign-in on one device: it lasts the day, and what they write there is written under it. */
@Entity
class DeviceSignIn extends ScopedRecord {

    private UUID deviceId;
    private UUID accountId;
    private String tokenHash;
    private Instant begunAt;
    private Instant endsAt;
    private @Nullable Instant endedAt;

    protected DeviceSignIn() {}

    DeviceSignIn(Viewer viewer, UUID deviceId, String tokenHash, Instant now, Instant endsAt) {
        super(Ids.next(), viewer.settingId());
        this.deviceId = deviceId;
        this.accountId = viewer.personId();
        this.tokenHash = tokenHash;
        this.begunAt = now;
        this.endsAt = endsAt;
    }

    boolean holds(Instant now) {
        return endedAt == null && now.isBefore(endsAt);
    }

    /** Whether a token is this one's, whether or not it still holds. */
    boolean isOf(String hash) {
        return tokenHash.equals(hash);
    }

    void end(Instant now) {
        if (endedAt == null) {
            endedAt = now;
        }
    }

    UUID deviceId() {
        return deviceId;
    }

    UUID accountId() {
        return accountId;
    }

    Instant endsAt() {
        return endsAt;
    }
}
