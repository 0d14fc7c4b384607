package app.carder.web.room;

import app.carder.core.week.DayStrip;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalTime;
import java.util.UUID;

/** A stretch of the room's day. */
@Entity
class RoomSession extends ScopedRecord {

    private UUID roomId;
    private String name;

    @Enumerated(EnumType.STRING)
    private DayStrip.Kind kind;

    private LocalTime startsAt;
    private LocalTime endsAt;

    protected RoomSession() {}

    RoomSession(SettingId settingId, UUID roomId, DayStrip.Session session) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.name = session.name();
        this.kind = session.kind();
        this.startsAt = session.startsAt();
        this.endsAt = session.endsAt();
    }

    UUID roomId() {
        return roomId;
    }

    SessionView view() {
        return new SessionView(getId(), new DayStrip.Session(name, kind, startsAt, endsAt));
    }
}
