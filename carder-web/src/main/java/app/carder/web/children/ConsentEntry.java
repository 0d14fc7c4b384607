package app.carder.web.children;

import app.carder.core.consent.ConsentWord;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What somebody said about one use of photos of a child. It is never changed. */
@Entity
class ConsentEntry extends ScopedRecord {

    private UUID childId;

    @Enumerated(EnumType.STRING)
    private PhotoUse photoUse;

    private boolean given;
    private String giver;
    private @Nullable UUID carerId;

    @Enumerated(EnumType.STRING)
    private ConsentWay way;

    private String askedWords;
    private @Nullable LocalDate onDay;
    private @Nullable LocalDate untilDay;
    private String notedBy;
    private Instant notedAt;
    /** It was said to another setting, and holds there alone. */
    private boolean broughtIn;

    protected ConsentEntry() {}

    ConsentEntry(SettingId settingId, UUID childId, ConsentSaid said, Noting noting) {
        super(Ids.next(), settingId);
        this.childId = childId;
        this.photoUse = said.use();
        this.given = said.given();
        this.giver = said.giver();
        this.carerId = said.carerId().orElse(null);
        this.way = said.way();
        this.askedWords = said.use().question();
        this.onDay = said.on();
        this.untilDay = noting.until().orElse(null);
        this.notedBy = noting.by();
        this.notedAt = noting.at();
    }

    /** Who wrote it down, when, and until when a yes holds. */
    record Noting(String by, Instant at, Optional<LocalDate> until) {}

    /** A yes holds no longer than until a day; what was said stays as it was. */
    void endBy(LocalDate last) {
        if (given && (untilDay == null || untilDay.isAfter(last))) {
            untilDay = last;
        }
    }

    UUID childId() {
        return childId;
    }

    boolean holdsHere() {
        return !broughtIn;
    }

    PhotoUse photoUse() {
        return photoUse;
    }

    /** For the rule of the core: a carer is one person, whatever they are called. */
    ConsentWord word() {
        return new ConsentWord(
                carerId == null ? giver.toLowerCase(Locale.ROOT) : carerId.toString(),
                given,
                Optional.ofNullable(untilDay));
    }

    boolean isGiven() {
        return given;
    }

    String giver() {
        return giver;
    }

    ConsentWay way() {
        return way;
    }

    String askedWords() {
        return askedWords;
    }

    Optional<LocalDate> on() {
        return Optional.ofNullable(onDay);
    }

    Optional<LocalDate> until() {
        return Optional.ofNullable(untilDay);
    }

    String notedBy() {
        return notedBy;
    }
}
