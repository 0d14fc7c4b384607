package app.carder.web.media;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** A photo of an observation. Its pictures lie in the photo store under a random name. */
@Entity
class Photo extends ScopedRecord {

    private UUID observationId;
    private int width;
    private int height;
    private String storedAs;
    private Instant storedAt;

    protected Photo() {}

    Photo(SettingId settingId, UUID observationId, CleanPhoto clean, String storedAs, Instant storedAt) {
        super(Ids.next(), settingId);
        this.observationId = observationId;
        this.width = clean.width();
        this.height = clean.height();
        this.storedAs = storedAs;
        this.storedAt = storedAt;
    }

    String storedAs() {
        return storedAs;
    }

    PhotoView view() {
        return new PhotoView(getId(), observationId, width, height);
    }
}
