package app.carder.web.account;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** Somebody is needed in a room that they do not work in. */
@Entity
class RoomVisit extends ScopedRecord {

    private UUID accountId;
    private UUID roomId;
    private String reason;
    private Instant beganAt;
    private Instant endsAt;

    protected RoomVisit() {}

    RoomVisit(Viewer viewer, UUID roomId, String reason, Instant beganAt, Instant endsAt) {
        super(Ids.next(), viewer.settingId());
        this.accountId = viewer.personId();
        this.roomId = roomId;
        this.reason = reason;
        this.beganAt = beganAt;
        this.endsAt = endsAt;
    }

    UUID roomId() {
        return roomId;
    }
}
