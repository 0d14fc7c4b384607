package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;

/** What a device sent sealed and could not be taken as it is. Nobody could read it there, so it is kept here for its author. */
@Entity
class RefusedItem extends ScopedRecord {

    private UUID accountId;
    private Instant refusedAt;
    private String kind;
    private String why;
    private String words;
    private String content;

    protected RefusedItem() {}

    RefusedItem(UUID id, Viewer author, Instant now, Refusal refusal) {
        super(id, author.settingId());
        this.accountId = author.personId();
        this.refusedAt = now;
        this.kind = refusal.kind();
        this.why = refusal.why();
        this.words = refusal.words();
        this.content = refusal.content();
    }

    /**
     * What was refused.
     *
     * @param kind of item
     * @param why in words
     * @param words that somebody wrote in it; empty where there are none
     * @param content all of it, as it came
     */
    record Refusal(String kind, String why, String words, String content) {}

    RefusedView view() {
        return new RefusedView(getId(), kind, why, words);
    }
}
