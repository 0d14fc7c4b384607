package app.carder.web.media;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A photo of an observation, or of a drawing that goes with a reading. Its pictures lie in the photo store under a random name. */
@Entity
class Photo extends ScopedRecord {

    private @Nullable UUID observationId;
    private @Nullable UUID readingId;
    private int width;
    private int height;
    private String storedAs;
    private Instant storedAt;

    protected Photo() {}

    Photo(
            UUID id,
            SettingId settingId,
            @Nullable UUID observationId,
            @Nullable UUID readingId,
            CleanPhoto clean,
            String storedAs,
            Instant storedAt) {
        super(id, settingId);
        this.observationId = observationId;
        this.readingId = readingId;
        this.width = clean.width();
        this.height = clean.height();
        this.storedAs = storedAs;
        this.storedAt = storedAt;
    }

    String storedAs() {
        return storedAs;
    }

    private UUID subject() {
        UUID subject = observationId == null ? readingId : observationId;
        if (subject == null) {
            throw new IllegalStateException("Impossible state: a photo of nothing.");
        }
        return subject;
    }

    PhotoView view() {
        return new PhotoView(getId(), subject(), width, height);
    }
}
