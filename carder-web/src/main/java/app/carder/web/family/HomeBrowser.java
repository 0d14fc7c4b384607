package app.carder.web.family;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A browser at home in which a link was opened with its code. Of its cookie only what proves it is stored. */
@Entity
class HomeBrowser extends ScopedRecord {

    private String tokenHash;
    private String words;
    private Instant boundAt;
    private Instant seenAt;
    private Instant endsAt;
    private @Nullable Instant endedAt;

    protected HomeBrowser() {}

    HomeBrowser(SettingId settingId, String tokenHash, String words, Instant boundAt, Instant endsAt) {
        super(Ids.next(), settingId);
        this.tokenHash = tokenHash;
        this.words = words;
        this.boundAt = boundAt;
        this.seenAt = boundAt;
        this.endsAt = endsAt;
    }

    boolean isOpen(Instant now) {
        return endedAt == null && now.isBefore(endsAt);
    }

    void seen(Instant at) {
        seenAt = at;
    }

    void end(Instant at) {
        if (endedAt == null) {
            endedAt = at;
        }
    }

    String words() {
        return words;
    }

    Instant boundAt() {
        return boundAt;
    }

    Instant seenAt() {
        return seenAt;
    }
}
