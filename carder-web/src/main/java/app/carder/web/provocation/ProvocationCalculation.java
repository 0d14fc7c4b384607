package app.carder.web.provocation;

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
class ProvocationCalculation extends ScopedRecord {

    private UUID provocationId;
    private int position;
    private String tool;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, String> inputs;

    protected ProvocationCalculation() {}

    ProvocationCalculation(SettingId settingId, UUID provocationId, int position, Portion.Kept kept) {
        super(UUID.fromString(kept.id()), settingId);
        this.provocationId = provocationId;
        this.position = position;
        this.tool = kept.tool();
        this.inputs = kept.inputs();
    }

    UUID provocationId() {
        return provocationId;
    }

    Portion.Kept kept() {
        return new Portion.Kept(getId().toString(), tool, inputs, Optional.empty());
    }
}
