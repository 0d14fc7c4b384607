package app.carder.web.journal;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.UUID;

/** One observation in a journal, in words for the family. */
@Entity
class JournalEntry extends ScopedRecord {

    private UUID journalId;
    private UUID observationId;
    private int position;
    private String words;
    private boolean photoShown;
    private String because;

    protected JournalEntry() {}

    JournalEntry(
            SettingId settingId,
            UUID journalId,
            UUID observationId,
            int position,
            String words,
            boolean photoShown,
            String because) {
        super(Ids.next(), settingId);
        this.journalId = journalId;
        this.observationId = observationId;
        this.position = position;
        this.words = words;
        this.photoShown = photoShown;
        this.because = because;
    }

    void word(String words, boolean photoShown) {
        this.words = words;
        this.photoShown = photoShown;
    }

    void moveTo(int position) {
        this.position = position;
    }

    UUID observationId() {
        return observationId;
    }

    String words() {
        return words;
    }

    boolean isPhotoShown() {
        return photoShown;
    }

    String because() {
        return because;
    }
}
