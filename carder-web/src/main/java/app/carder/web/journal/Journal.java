package app.carder.web.journal;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A learning journal of one child over a period. */
@Entity
class Journal extends ScopedRecord {

    @Version
    private int version;

    private UUID childId;
    private LocalDate startsOn;
    private LocalDate endsOn;
    private String greeting;
    private String atHome;
    private String compiledBy;
    private Instant compiledAt;
    private @Nullable String approvedBy;
    private @Nullable Instant approvedAt;

    protected Journal() {}

    Journal(
            SettingId settingId,
            UUID childId,
            LocalDate startsOn,
            LocalDate endsOn,
            String greeting,
            String atHome,
            String compiledBy,
            Instant compiledAt) {
        super(Ids.next(), settingId);
        this.childId = childId;
        this.startsOn = startsOn;
        this.endsOn = endsOn;
        this.greeting = greeting;
        this.atHome = atHome;
        this.compiledBy = compiledBy;
        this.compiledAt = compiledAt;
    }

    void word(String greeting, String atHome) {
        this.greeting = greeting;
        this.atHome = atHome;
    }

    void approve(String by, Instant at) {
        approvedBy = by;
        approvedAt = at;
    }

    void takeBack() {
        approvedBy = null;
        approvedAt = null;
    }

    boolean isApproved() {
        return approvedAt != null;
    }

    UUID childId() {
        return childId;
    }

    LocalDate startsOn() {
        return startsOn;
    }

    LocalDate endsOn() {
        return endsOn;
    }

    String greeting() {
        return greeting;
    }

    String atHome() {
        return atHome;
    }

    String compiledBy() {
        return compiledBy;
    }

    String approvedBy() {
        return approvedBy == null ? "" : approvedBy;
    }

    int version() {
        return version;
    }
}
