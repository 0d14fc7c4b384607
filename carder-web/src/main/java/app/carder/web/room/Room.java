package app.carder.web.room;

import app.carder.core.practice.PracticeStyle;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

/** A room of the setting, with the framework it works by. */
@Entity
class Room extends ScopedRecord {

    private String name;
    private String frameworkCode;
    private int position;

    @Enumerated(EnumType.STRING)
    private PracticeStyle practiceStyle;

    protected Room() {}

    Room(SettingId settingId, String name, String frameworkCode, PracticeStyle practiceStyle, int position) {
        super(Ids.next(), settingId);
        this.name = name;
        this.frameworkCode = frameworkCode;
        this.practiceStyle = practiceStyle;
        this.position = position;
    }

    void workBy(String frameworkCode, PracticeStyle practiceStyle) {
        this.frameworkCode = frameworkCode;
        this.practiceStyle = practiceStyle;
    }

    PracticeStyle practiceStyle() {
        return practiceStyle;
    }

    String name() {
        return name;
    }

    String frameworkCode() {
        return frameworkCode;
    }
}
