package app.carder.web.provocation;

import app.carder.core.card.LadderStep;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.Rung;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One rung of a card's ladder. */
@Entity
class ProvocationRung extends ScopedRecord {

    private UUID provocationId;

    @Enumerated(EnumType.STRING)
    private Rung rung;

    private String sign;
    private String note;
    private int amountPercent;
    private @Nullable UUID replacedId;
    private @Nullable UUID replacementId;

    protected ProvocationRung() {}

    ProvocationRung(SettingId settingId, UUID provocationId, LadderStep step) {
        super(Ids.next(), settingId);
        this.provocationId = provocationId;
        this.rung = step.rung();
        this.sign = step.sign();
        this.note = step.change().note();
        this.amountPercent = step.change().amountPercent();
        this.replacedId = step.change().replace().map(UUID::fromString).orElse(null);
        this.replacementId = step.change().with().map(UUID::fromString).orElse(null);
    }

    UUID provocationId() {
        return provocationId;
    }

    LadderStep step() {
        return new LadderStep(
                rung,
                sign,
                new Change(
                        amountPercent,
                        Optional.ofNullable(replacedId).map(UUID::toString),
                        Optional.ofNullable(replacementId).map(UUID::toString),
                        note));
    }
}
