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
    private boolean showsOthers;
    private String staffWords = "";
    private String staffWordsBy = "";
    private @Nullable Instant staffWordsAt;

    protected HomeAnswer() {}

    HomeAnswer(
            UUID id,
            SettingId settingId,
            SentCard card,
            UUID carerId,
            String carerName,
            String words,
            boolean showsOthers,
            Instant sentAt) {
        super(id, settingId);
        this.homeCardId = card.getId();
        this.childId = card.childId();
        this.carerId = carerId;
        this.carerName = carerName;
        this.words = words;
        this.showsOthers = showsOthers;
        this.sentAt = sentAt;
    }

    /** Somebody of staff has read it; whoever did so first stays named. */
    void see(String by) {
        if (seenBy.isEmpty()) {
            seenBy = by;
        }
    }

    /** Staff write on the back too. */
    void writeBack(String words, String by, Instant at) {
        staffWords = words;
        staffWordsBy = by;
        staffWordsAt = at;
        see(by);
    }

    /** Whether its photo shows a child beside the carer's own. */
    boolean showsOthers() {
        return showsOthers;
    }

    String staffWords() {
        return staffWords;
    }

    String staffWordsBy() {
        return staffWordsBy;
    }

    Optional<Instant> staffWordsAt() {
        return Optional.ofNullable(staffWordsAt);
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
