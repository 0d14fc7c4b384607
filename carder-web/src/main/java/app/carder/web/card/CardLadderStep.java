package app.carder.web.card;

import app.carder.core.card.WrittenStep;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.LadderStep;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One step of a card's ladder. */
@Entity
class CardLadderStep extends ScopedRecord {

    private UUID cardId;

    @Enumerated(EnumType.STRING)
    private LadderStep ladderStep;

    private String sign;
    private String note;
    private int amountPercent;
    private @Nullable UUID replacedId;
    private @Nullable UUID replacementId;

    protected CardLadderStep() {}

    CardLadderStep(SettingId settingId, UUID cardId, WrittenStep step) {
        super(Ids.next(), settingId);
        this.cardId = cardId;
        this.ladderStep = step.ladderStep();
        this.sign = step.sign();
        this.note = step.change().note();
        this.amountPercent = step.change().amountPercent();
        this.replacedId = step.change().replace().map(UUID::fromString).orElse(null);
        this.replacementId = step.change().with().map(UUID::fromString).orElse(null);
    }

    UUID cardId() {
        return cardId;
    }

    WrittenStep step() {
        return new WrittenStep(
                ladderStep,
                sign,
                new Change(
                        amountPercent,
                        Optional.ofNullable(replacedId).map(UUID::toString),
                        Optional.ofNullable(replacementId).map(UUID::toString),
                        note));
    }
}
