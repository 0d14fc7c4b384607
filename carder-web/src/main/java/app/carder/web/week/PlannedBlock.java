package app.carder.web.week;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** A card planned for a place in a session of a day. */
@Entity
class PlannedBlock extends ScopedRecord {

    private UUID roomId;
    private LocalDate onDay;
    private UUID sessionId;
    private UUID zoneId;
    private int place;
    private UUID cardId;
    private boolean pinned;
    private String changedBy;
    private Instant changedAt;

    protected PlannedBlock() {}

    PlannedBlock(SettingId settingId, UUID roomId, BlockPlace at, UUID cardId, String changedBy, Instant changedAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.onDay = at.onDay();
        this.sessionId = at.sessionId();
        this.zoneId = at.zoneId();
        this.place = at.place();
        this.cardId = cardId;
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    void pin(boolean pinned) {
        this.pinned = pinned;
    }

    void stand(UUID cardId, boolean pinned, String changedBy, Instant changedAt) {
        this.cardId = cardId;
        this.pinned = pinned;
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    BlockPlace at() {
        return new BlockPlace(onDay, sessionId, zoneId, place);
    }

    LocalDate onDay() {
        return onDay;
    }

    UUID roomId() {
        return roomId;
    }

    UUID cardId() {
        return cardId;
    }

    boolean isPinned() {
        return pinned;
    }
}
