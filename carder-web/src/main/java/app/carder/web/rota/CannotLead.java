package app.carder.web.rota;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.UUID;

/** A zone that an adult cannot lead. */
@Entity
class CannotLead extends ScopedRecord {

    private UUID accountId;
    private UUID zoneId;

    protected CannotLead() {}

    CannotLead(SettingId settingId, UUID accountId, UUID zoneId) {
        super(Ids.next(), settingId);
        this.accountId = accountId;
        this.zoneId = zoneId;
    }

    UUID accountId() {
        return accountId;
    }

    UUID zoneId() {
        return zoneId;
    }
}
