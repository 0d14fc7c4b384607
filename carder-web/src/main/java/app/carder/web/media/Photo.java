package app.carder.web.media;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A photo of what was observed, of a drawing that goes with a reading, of a card as it was set out, of a thing of the cupboard, or one that
 * a family sent. Its pictures lie in the photo store under a random name.
 */
@Entity
class Photo extends ScopedRecord {

    private @Nullable UUID observationId;
    private @Nullable UUID readingId;
    private @Nullable UUID cardId;
    private @Nullable UUID materialId;
    private @Nullable UUID homeAnswerId;
    private @Nullable LocalDate onDay;
    private @Nullable String addedBy;
    private int width;
    private int height;
    private String storedAs;
    private Instant storedAt;

    protected Photo() {}

    private Photo(UUID id, SettingId settingId, CleanPhoto clean, String storedAs, Instant storedAt) {
        super(id, settingId);
        this.width = clean.width();
        this.height = clean.height();
        this.storedAs = storedAs;
        this.storedAt = storedAt;
    }

    /** What a photo is, whatever it shows. */
    record File(UUID id, SettingId settingId, CleanPhoto clean, String storedAs, Instant storedAt) {
        private Photo photo() {
            return new Photo(id, settingId, clean, storedAs, storedAt);
        }
    }

    static Photo ofObservation(File file, UUID observationId) {
        Photo photo = file.photo();
        photo.observationId = observationId;
        return photo;
    }

    static Photo ofReading(File file, UUID readingId) {
        Photo photo = file.photo();
        photo.readingId = readingId;
        return photo;
    }

    static Photo ofCard(File file, UUID cardId, LocalDate onDay, String addedBy) {
        Photo photo = file.photo();
        photo.cardId = cardId;
        photo.onDay = onDay;
        photo.addedBy = addedBy;
        return photo;
    }

    static Photo ofMaterial(File file, UUID materialId) {
        Photo photo = file.photo();
        photo.materialId = materialId;
        return photo;
    }

    static Photo ofHomeAnswer(File file, UUID answerId) {
        Photo photo = file.photo();
        photo.homeAnswerId = answerId;
        return photo;
    }

    /** What a family sent is evidence in the child's record from now on. */
    void moveTo(UUID observation) {
        homeAnswerId = null;
        observationId = observation;
    }

    /** Whether a family sent it, and nobody took it into the record: it is seen with what came with it, and nowhere else. */
    boolean isFromHome() {
        return homeAnswerId != null;
    }

    String storedAs() {
        return storedAs;
    }

    PhotoView view() {
        UUID subject = observationId != null ? observationId : readingId != null ? readingId : homeAnswerId;
        if (subject == null) {
            throw new IllegalStateException("Impossible state: a photo of nothing that was seen.");
        }
        return new PhotoView(getId(), subject, width, height);
    }

    SetOutPhoto ofSetOut() {
        LocalDate day = onDay;
        String by = addedBy;
        if (day == null || by == null) {
            throw new IllegalStateException("Impossible state: a photo of a card without its day.");
        }
        return new SetOutPhoto(getId(), day, by, width, height);
    }
}
