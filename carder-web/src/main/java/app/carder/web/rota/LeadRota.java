package app.carder.web.rota;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A rota of who leads which zone, over some weeks. */
@Entity
class LeadRota extends ScopedRecord {

    private UUID roomId;
    private LocalDate firstMonday;
    private int weeks;
    private String[] notes;
    private String changedBy;
    private Instant changedAt;

    protected LeadRota() {}

    LeadRota(
            UUID id,
            SettingId settingId,
            UUID roomId,
            LocalDate firstMonday,
            int weeks,
            String changedBy,
            Instant changedAt) {
        super(id, settingId);
        this.roomId = roomId;
        this.firstMonday = firstMonday;
        this.weeks = weeks;
        solved(List.of(), changedBy, changedAt);
    }

    final void solved(List<String> notes, String changedBy, Instant changedAt) {
        this.notes = notes.toArray(String[]::new);
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    UUID roomId() {
        return roomId;
    }

    LocalDate firstMonday() {
        return firstMonday;
    }

    int weeks() {
        return weeks;
    }

    List<String> notes() {
        return List.of(notes);
    }
}
