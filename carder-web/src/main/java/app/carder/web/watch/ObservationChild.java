package app.carder.web.watch;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.UUID;

/** One child who was seen, and whether the photo shows it. */
@Entity
class ObservationChild extends ScopedRecord {

    private UUID observationId;
    private UUID childId;
    private boolean inPhoto;

    protected ObservationChild() {}

    ObservationChild(SettingId settingId, UUID observationId, UUID childId, boolean inPhoto) {
        super(Ids.next(), settingId);
        this.observationId = observationId;
        this.childId = childId;
        this.inPhoto = inPhoto;
    }

    UUID observationId() {
        return observationId;
    }

    UUID childId() {
        return childId;
    }

    boolean isInPhoto() {
        return inPhoto;
    }
}
