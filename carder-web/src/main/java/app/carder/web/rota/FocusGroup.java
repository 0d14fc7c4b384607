package app.carder.web.rota;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A few children who were drawn aside in a session. */
@Entity
class FocusGroup extends ScopedRecord {

    private UUID roomId;
    private LocalDate onDay;
    private UUID sessionId;
    private UUID[] childIds;
    private String drawnBy;
    private Instant drawnAt;
    private @Nullable LocalTime startsAt;

    protected FocusGroup() {}

    FocusGroup(
            SettingId settingId,
            UUID roomId,
            LocalDate onDay,
            UUID sessionId,
            List<UUID> childIds,
            String drawnBy,
            Instant drawnAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.onDay = onDay;
        this.sessionId = sessionId;
        this.childIds = childIds.toArray(UUID[]::new);
        this.drawnBy = drawnBy;
        this.drawnAt = drawnAt;
    }

    void moveTo(UUID sessionId, LocalTime startsAt) {
        this.sessionId = sessionId;
        this.startsAt = startsAt;
    }

    Optional<LocalTime> startsAt() {
        return Optional.ofNullable(startsAt);
    }

    LocalDate onDay() {
        return onDay;
    }

    UUID sessionId() {
        return sessionId;
    }

    List<UUID> childIds() {
        return List.of(childIds);
    }

    String drawnBy() {
        return drawnBy;
    }
}
