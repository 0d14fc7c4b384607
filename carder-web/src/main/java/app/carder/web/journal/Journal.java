package app.carder.web.journal;

import app.carder.core.framework.Framework;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;
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
    private @Nullable String frameworkCode;
    private @Nullable String frameworkVersion;
    private String[] settled = {};
    private int wordings;

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

    /** New words, of its own or of its entries: either way it is another version, so that an older save cannot win. */
    void word(String greeting, String atHome) {
        this.greeting = greeting;
        this.atHome = atHome;
        wordings++;
    }

    /** Another order, or an entry less. */
    void rearrange() {
        wordings++;
    }

    /** From now on the marks are those of this framework, whichever room the child is in. */
    void approve(String by, Instant at, Framework framework) {
        approvedBy = by;
        approvedAt = at;
        frameworkCode = framework.code();
        frameworkVersion = framework.version();
    }

    void takeBack() {
        approvedBy = null;
        approvedAt = null;
        frameworkCode = null;
        frameworkVersion = null;
        settled = new String[0];
    }

    /** Somebody read it again: these words mean no child. */
    void settle(Collection<String> words) {
        settled = words.stream().distinct().sorted().toArray(String[]::new);
    }

    Set<String> settled() {
        return Set.of(settled);
    }

    /** The framework that it was approved with; absent while it is a draft. */
    Optional<String> frameworkCode() {
        return Optional.ofNullable(frameworkCode);
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
