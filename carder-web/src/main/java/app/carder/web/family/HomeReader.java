package app.carder.web.family;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A carer whose link was opened in a browser: it reads for that carer's child from then on. Brothers and sisters are several of one browser. */
@Entity
class HomeReader extends ScopedRecord {

    private UUID browserId;
    private UUID carerId;
    private Instant since;
    private @Nullable Instant endedAt;

    protected HomeReader() {}

    HomeReader(SettingId settingId, UUID browserId, UUID carerId, Instant since) {
        super(Ids.next(), settingId);
        this.browserId = browserId;
        this.carerId = carerId;
        this.since = since;
    }

    boolean isOpen() {
        return endedAt == null;
    }

    void end(Instant at) {
        if (endedAt == null) {
            endedAt = at;
        }
    }

    UUID browserId() {
        return browserId;
    }

    UUID carerId() {
        return carerId;
    }
}
