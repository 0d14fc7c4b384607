package app.carder.web.kits;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.util.UUID;

/** A bucket or basket with its name on it. */
@Entity
class Kit extends ScopedRecord {

    @Version
    private int version;

    private String name;
    private String keptIn;
    private String note;
    private boolean retired;

    protected Kit() {}

    Kit(UUID id, SettingId settingId, KitDetails details) {
        super(id, settingId);
        rewrite(details);
    }

    final void rewrite(KitDetails details) {
        name = details.name();
        keptIn = details.keptIn();
        note = details.note();
    }

    void retire() {
        retired = true;
    }

    int version() {
        return version;
    }

    String name() {
        return name;
    }

    String keptIn() {
        return keptIn;
    }

    String note() {
        return note;
    }
}
