package app.carder.web.watch;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** One child who was seen. */
@Entity
class ObservationChild extends ScopedRecord {

    private UUID observationId;
    private UUID childId;

    private Instant observedAt;

    protected ObservationChild() {}

    ObservationChild(SettingId settingId, UUID observationId, UUID childId, Instant observedAt) {
        super(Ids.next(), settingId);
        this.observationId = observationId;
        this.childId = childId;
        this.observedAt = observedAt;
    }

    UUID observationId() {
        return observationId;
    }

    UUID childId() {
        return childId;
    }
}
