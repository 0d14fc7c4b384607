package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/** A tablet or phone that carries records of children. */
@Entity
@DynamicUpdate
class Device extends ScopedRecord {

    @Version
    private int version;

    private String name;
    private String lastPerson;
    private Instant firstContactAt;
    private Instant lastContactAt;
    private int unsent;
    private long clockOffsetMs;
    private @Nullable Instant revokedAt;
    private @Nullable String revokedBy;
    private @Nullable Instant wipedAt;

    protected Device() {}

    Device(UUID id, Viewer viewer, String name, Instant now) {
        super(id, viewer.settingId());
        this.name = name;
        this.lastPerson = viewer.name();
        this.firstContactAt = now;
        this.lastContactAt = now;
    }

    /** It was in contact. */
    void met(Viewer viewer, int unsent, long clockOffsetMs, Instant now) {
        this.lastPerson = viewer.name();
        this.unsent = unsent;
        this.clockOffsetMs = clockOffsetMs;
        this.lastContactAt = now;
    }

    /** It is to be wiped at its next contact. */
    void revoke(Viewer viewer, Instant now) {
        if (revokedAt == null) {
            revokedAt = now;
            revokedBy = viewer.name();
        }
    }

    /** It says that nothing is left on it. */
    void wiped(Instant now) {
        wipedAt = now;
        unsent = 0;
    }

    boolean isRevoked() {
        return revokedAt != null;
    }

    String name() {
        return name;
    }

    String lastPerson() {
        return lastPerson;
    }

    Instant lastContactAt() {
        return lastContactAt;
    }

    int unsent() {
        return unsent;
    }

    long clockOffsetMs() {
        return clockOffsetMs;
    }

    Optional<Instant> revokedAt() {
        return Optional.ofNullable(revokedAt);
    }

    Optional<String> revokedBy() {
        return Optional.ofNullable(revokedBy);
    }

    Optional<Instant> wipedAt() {
        return Optional.ofNullable(wipedAt);
    }
}
