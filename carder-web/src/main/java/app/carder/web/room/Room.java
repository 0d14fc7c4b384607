package app.carder.web.room;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;

/** A room of the setting, with the framework it works by. */
@Entity
class Room extends ScopedRecord {

    private String name;
    private String frameworkCode;
    private int position;

    protected Room() {}

    Room(SettingId settingId, String name, String frameworkCode, int position) {
        super(Ids.next(), settingId);
        this.name = name;
        this.frameworkCode = frameworkCode;
        this.position = position;
    }

    void workBy(String frameworkCode) {
        this.frameworkCode = frameworkCode;
    }

    String name() {
        return name;
    }

    String frameworkCode() {
        return frameworkCode;
    }
}
