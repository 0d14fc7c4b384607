package app.carder.web.room;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.UUID;

/** A part of a room where something stands. */
@Entity
class Zone extends ScopedRecord {

    private UUID roomId;
    private String name;
    private int position;

    protected Zone() {}

    Zone(UUID id, SettingId settingId, UUID roomId, String name, int position) {
        super(id, settingId);
        this.roomId = roomId;
        this.name = name;
        this.position = position;
    }

    void rename(String name) {
        this.name = name;
    }

    UUID roomId() {
        return roomId;
    }

    ZoneView view() {
        return new ZoneView(getId(), name);
    }
}
