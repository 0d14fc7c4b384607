package app.carder.web.journal;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One observation in a journal, in words for the family. */
@Entity
class JournalEntry extends ScopedRecord {

    private UUID journalId;
    private UUID observationId;
    private int position;
    private String words;
    private boolean photoShown;
    private String because;
    private String @Nullable [] areas;

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

    /** It is approved: what it touches stays as it is today. */
    void freeze(Set<String> touched) {
        this.areas = touched.stream().sorted().toArray(String[]::new);
    }

    /** The areas that it was approved with; absent while it is a draft. */
    Optional<Set<String>> areas() {
        return Optional.ofNullable(areas).map(Set::of);
    }

    void moveTo(int position) {
        this.position = position;
    }

    UUID journalId() {
        return journalId;
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
