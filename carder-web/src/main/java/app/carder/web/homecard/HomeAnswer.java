package app.carder.web.homecard;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What a carer wrote on the back of a card. */
@Entity
class HomeAnswer extends ScopedRecord {

    private UUID homeCardId;
    private UUID childId;
    private @Nullable UUID carerId;
    private String carerName;
    private String words;
    private Instant sentAt;
    private String seenBy = "";
    private @Nullable UUID observationId;
    private String apartBy = "";

    protected HomeAnswer() {}

    HomeAnswer(
            UUID id, SettingId settingId, SentCard card, UUID carerId, String carerName, String words, Instant sentAt) {
        super(id, settingId);
        this.homeCardId = card.getId();
        this.childId = card.childId();
        this.carerId = carerId;
        this.carerName = carerName;
        this.words = words;
        this.sentAt = sentAt;
    }

    /** Somebody of staff has read it; whoever did so first stays named. */
    void see(String by) {
        if (seenBy.isEmpty()) {
            seenBy = by;
        }
    }

    /** It is evidence in the child's record from now on. */
    void takeIn(UUID observation, String by) {
        observationId = observation;
        see(by);
    }

    /** It is held apart, for a manager. */
    void holdApart(String by) {
        apartBy = by;
        see(by);
    }

    UUID homeCardId() {
        return homeCardId;
    }

    UUID childId() {
        return childId;
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

    String seenBy() {
        return seenBy;
    }

    Optional<UUID> observationId() {
        return Optional.ofNullable(observationId);
    }

    String apartBy() {
        return apartBy;
    }

    boolean isApart() {
        return !apartBy.isEmpty();
    }
}
