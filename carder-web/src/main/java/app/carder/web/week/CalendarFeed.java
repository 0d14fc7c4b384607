package app.carder.web.week;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An address under which a calendar program reads a room's week without signing in. Only a hash of its secret is kept. */
@Entity
class CalendarFeed extends ScopedRecord {

    private UUID roomId;
    private UUID accountId;
    private String tokenHash;
    private Instant madeAt;
    private @Nullable Instant revokedAt;

    protected CalendarFeed() {}

    CalendarFeed(SettingId settingId, UUID roomId, UUID accountId, String tokenHash, Instant madeAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.accountId = accountId;
        this.tokenHash = tokenHash;
        this.madeAt = madeAt;
    }

    void revoke(Instant at) {
        if (revokedAt == null) {
            revokedAt = at;
        }
    }

    boolean isRevoked() {
        return revokedAt != null;
    }

    UUID roomId() {
        return roomId;
    }

    Instant madeAt() {
        return madeAt;
    }
}
