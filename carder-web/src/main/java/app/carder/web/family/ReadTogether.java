package app.carder.web.family;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** A journal that was read together with a carer. */
@Entity
class ReadTogether extends ScopedRecord {

    private UUID journalId;
    private UUID carerId;
    private LocalDate onDay;
    private String notedBy;
    private Instant notedAt;

    protected ReadTogether() {}

    ReadTogether(SettingId settingId, UUID journalId, UUID carerId, LocalDate onDay, String notedBy, Instant notedAt) {
        super(Ids.next(), settingId);
        this.journalId = journalId;
        this.carerId = carerId;
        this.onDay = onDay;
        this.notedBy = notedBy;
        this.notedAt = notedAt;
    }

    UUID carerId() {
        return carerId;
    }

    LocalDate onDay() {
        return onDay;
    }

    String notedBy() {
        return notedBy;
    }
}
