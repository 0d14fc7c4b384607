package app.carder.web.setout;

import app.carder.core.ladder.LadderStep;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A card set out in a zone on a day. */
@Entity
class SetOut extends ScopedRecord {

    private UUID cardId;
    private UUID roomId;
    private UUID zoneId;
    private int place;
    private @Nullable UUID sessionId;
    private LocalDate onDay;
    private @Nullable UUID adultId;
    private String overruledBecause;
    private String[] overruledFindings;
    private String setOutBy;
    private Instant setOutAt;
    private @Nullable Instant putAwayAt;

    @Enumerated(EnumType.STRING)
    private LadderStep ladderStep;

    private @Nullable Integer preparationMinutes;

    protected SetOut() {}

    SetOut(
            SettingId settingId,
            UUID cardId,
            UUID roomId,
            SetOutDetails details,
            int place,
            List<String> overruledFindings,
            String setOutBy,
            Instant setOutAt) {
        super(Ids.next(), settingId);
        this.cardId = cardId;
        this.roomId = roomId;
        this.zoneId = details.zoneId();
        this.place = place;
        this.sessionId = details.sessionId();
        this.onDay = details.onDay();
        this.adultId = details.adultId();
        this.overruledBecause = details.overruledBecause();
        this.overruledFindings = overruledFindings.toArray(String[]::new);
        this.setOutBy = setOutBy;
        this.setOutAt = setOutAt;
        this.ladderStep = details.ladderStep();
        this.preparationMinutes = details.preparationMinutes();
    }

    Optional<Integer> preparationMinutes() {
        return Optional.ofNullable(preparationMinutes);
    }

    /** Puts it away. The record stays, with what was overruled. */
    void putAway(Instant at) {
        if (putAwayAt == null) {
            putAwayAt = at;
        }
    }

    boolean isOut() {
        return putAwayAt == null;
    }

    /** Puts it on another place of its room. */
    void stand(UUID zone, int at) {
        zoneId = zone;
        place = at;
    }

    /** Whether it is out while another one is. */
    boolean overlaps(SetOut other) {
        return sessionId == null || other.sessionId == null || sessionId.equals(other.sessionId);
    }

    int place() {
        return place;
    }

    UUID roomId() {
        return roomId;
    }

    LocalDate onDay() {
        return onDay;
    }

    LadderStep ladderStep() {
        return ladderStep;
    }

    Instant setOutAt() {
        return setOutAt;
    }

    UUID cardId() {
        return cardId;
    }

    UUID zoneId() {
        return zoneId;
    }

    @Nullable
    UUID sessionId() {
        return sessionId;
    }

    @Nullable
    UUID adultId() {
        return adultId;
    }

    String overruledBecause() {
        return overruledBecause;
    }

    List<String> overruledFindings() {
        return List.of(overruledFindings);
    }

    String setOutBy() {
        return setOutBy;
    }
}
