package app.carder.web.investigate;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was read, or drawn, on a day. */
@Entity
@Table(name = "investigation_reading")
class Reading extends ScopedRecord {

    private UUID investigationId;
    private LocalDate onDay;
    private @Nullable BigDecimal measured;
    private String note;
    private String readBy;
    private Instant readAt;

    protected Reading() {}

    Reading(UUID id, SettingId settingId, UUID investigationId, ReadingDetails details, String readBy, Instant readAt) {
        super(id, settingId);
        this.investigationId = investigationId;
        this.onDay = details.onDay();
        this.measured = details.measured().orElse(null);
        this.note = details.note();
        this.readBy = readBy;
        this.readAt = readAt;
    }

    UUID investigationId() {
        return investigationId;
    }

    LocalDate onDay() {
        return onDay;
    }

    @Nullable
    BigDecimal measured() {
        return measured;
    }

    String note() {
        return note;
    }

    String readBy() {
        return readBy;
    }
}
