package app.carder.web.family;

import app.carder.web.journal.JournalSheet;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What a carer wrote back. */
@Entity
class Reply extends ScopedRecord {

    private UUID journalId;
    private UUID childId;
    private @Nullable UUID authorId;
    private String carerName;
    private String words;
    private Instant sentAt;
    private @Nullable Instant seenAt;
    private String seenBy;

    protected Reply() {}

    Reply(
            UUID id,
            SettingId settingId,
            UUID authorId,
            JournalSheet about,
            String carerName,
            String words,
            Instant sentAt) {
        super(id, settingId);
        this.authorId = authorId;
        this.journalId = about.id();
        this.childId = about.childId();
        this.carerName = carerName;
        this.words = words;
        this.sentAt = sentAt;
        this.seenBy = "";
    }

    /** Somebody of staff has read it; whoever did so first stays named. */
    void see(String by, Instant at) {
        if (seenAt == null) {
            seenAt = at;
            seenBy = by;
        }
    }

    boolean isSeen() {
        return seenAt != null;
    }

    String seenBy() {
        return seenBy;
    }

    UUID childId() {
        return childId;
    }

    UUID journalId() {
        return journalId;
    }

    String carerName() {
        return carerName;
    }

    String words() {
        return words;
    }

    Instant sentAt() {
        return sentAt;
    }
}
