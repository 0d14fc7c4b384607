package app.carder.web.card;

import app.carder.core.card.Portion;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A calculation that was kept with a card. */
@Entity
class CardCalculation extends ScopedRecord {

    private UUID cardId;
    private int position;
    private String tool;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, String> inputs;

    protected CardCalculation() {}

    CardCalculation(SettingId settingId, UUID cardId, int position, Portion.Kept kept) {
        super(UUID.fromString(kept.id()), settingId);
        this.cardId = cardId;
        this.position = position;
        this.tool = kept.tool();
        this.inputs = kept.inputs();
    }

    UUID cardId() {
        return cardId;
    }

    Portion.Kept kept() {
        return new Portion.Kept(getId().toString(), tool, inputs, Optional.empty());
    }
}
