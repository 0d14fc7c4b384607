package app.carder.web.week;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An address under which a calendar program reads a room's week without signing in. Only a hash of its secret is kept. */
@Entity
class CalendarFeed extends ScopedRecord {

    /** A year: whoever still uses it makes another. */
    static final Duration LASTS = Duration.ofDays(365);

    private UUID roomId;
    private UUID accountId;
    private String tokenHash;
    private Instant madeAt;
    private Instant endsAt;
    private boolean withNames;
    private @Nullable Instant revokedAt;

    protected CalendarFeed() {}

    CalendarFeed(Viewer owner, UUID roomId, boolean withNames, String tokenHash, Instant madeAt) {
        super(Ids.next(), owner.settingId());
        this.roomId = roomId;
        this.accountId = owner.personId();
        this.withNames = withNames;
        this.endsAt = madeAt.plus(LASTS);
        this.tokenHash = tokenHash;
        this.madeAt = madeAt;
    }

    void revoke(Instant at) {
        if (revokedAt == null) {
            revokedAt = at;
        }
    }

    /** Whether a calendar program may still read it. */
    boolean isOpen(Instant now) {
        return revokedAt == null && now.isBefore(endsAt);
    }

    /** Whether children's names that somebody wrote into a title stay in it. */
    boolean withNames() {
        return withNames;
    }

    UUID accountId() {
        return accountId;
    }

    Instant endsAt() {
        return endsAt;
    }

    UUID roomId() {
        return roomId;
    }

    Instant madeAt() {
        return madeAt;
    }
}
