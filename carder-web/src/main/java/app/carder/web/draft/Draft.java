package app.carder.web.draft;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** What one person has typed into one form. */
@Entity
class Draft extends ScopedRecord {

    private UUID accountId;
    private String place;
    private byte[] content;
    private Instant changedAt;

    protected Draft() {}

    Draft(Viewer owner, String place, byte[] content, Instant now) {
        super(Ids.next(), owner.settingId());
        this.accountId = owner.personId();
        this.place = place;
        this.content = content;
        this.changedAt = now;
    }

    void change(byte[] newContent, Instant now) {
        content = newContent;
        changedAt = now;
    }

    UUID accountId() {
        return accountId;
    }

    String place() {
        return place;
    }

    byte[] content() {
        return content;
    }

    Instant changedAt() {
        return changedAt;
    }
}
