package app.carder.web.account;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;

/** Whether everybody in a setting sees every room. It has the setting's id. */
@Entity
class RoomPolicy extends ScopedRecord {

    @Column(name = "open_rooms")
    private boolean open;

    protected RoomPolicy() {}

    RoomPolicy(SettingId settingId) {
        super(settingId.value(), settingId);
    }

    void keepOpen(boolean value) {
        this.open = value;
    }

    boolean isOpen() {
        return open;
    }
}
