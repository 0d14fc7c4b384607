package app.carder.web.rail;

import app.carder.core.journal.Purpose;
import app.carder.web.journal.JournalRequest;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;

/** The journals of a room that somebody asked for at once. Only what changed is written: who wants it stopped and how far it is do not undo each other. */
@Entity
@DynamicUpdate
class JournalRound extends ScopedRecord {

    private UUID roomId;

    @Enumerated(EnumType.STRING)
    private Purpose purpose;

    private LocalDate startsOn;
    private LocalDate endsOn;
    private int pages;
    private String language;
    private String askedBy;
    private Instant askedAt;
    private int lookedAt;
    private int children;
    private boolean stopWanted;
    private boolean ended;

    protected JournalRound() {}

    JournalRound(
            SettingId settingId,
            UUID roomId,
            JournalRequest like,
            int children,
            String language,
            String askedBy,
            Instant askedAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.purpose = like.purpose();
        this.startsOn = like.startsOn();
        this.endsOn = like.endsOn();
        this.pages = like.pages();
        this.children = children;
        this.language = language;
        this.askedBy = askedBy;
        this.askedAt = askedAt;
    }

    /** What is asked for one child. */
    JournalRequest of(UUID childId) {
        return new JournalRequest(childId, startsOn, endsOn, purpose, pages, "");
    }

    void looked(int children) {
        lookedAt = children;
    }

    void stop() {
        stopWanted = true;
    }

    void resume() {
        stopWanted = false;
        ended = false;
    }

    void end() {
        ended = true;
    }

    UUID roomId() {
        return roomId;
    }

    String language() {
        return language;
    }

    String askedBy() {
        return askedBy;
    }

    LocalDate startsOn() {
        return startsOn;
    }

    LocalDate endsOn() {
        return endsOn;
    }

    Purpose purpose() {
        return purpose;
    }

    int lookedAt() {
        return lookedAt;
    }

    int children() {
        return children;
    }

    boolean isStopWanted() {
        return stopWanted;
    }

    boolean isEnded() {
        return ended;
    }
}
