package app.carder.web.provocation;

import app.carder.core.ladder.Rung;
import app.carder.web.provocation.CardPart.RungChange;
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

    ProvocationRung(SettingId settingId, UUID provocationId, RungChange change) {
        super(Ids.next(), settingId);
        this.provocationId = provocationId;
        this.rung = change.rung();
        this.sign = change.sign();
        this.note = change.note();
        this.amountPercent = change.amountPercent();
        this.replacedId = change.replaced().orElse(null);
        this.replacementId = change.replacement().orElse(null);
    }

    UUID provocationId() {
        return provocationId;
    }

    RungChange change() {
        return new RungChange(
                rung, sign, note, amountPercent, Optional.ofNullable(replacedId), Optional.ofNullable(replacementId));
    }
}
