package app.carder.web.lists;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;

/** A line of a list that somebody has done. */
@Entity
class ListTick extends ScopedRecord {

    private UUID roomId;

    @Enumerated(EnumType.STRING)
    private ListKind kind;

    private String item;
    private String tickedBy;
    private Instant tickedAt;

    protected ListTick() {}

    ListTick(SettingId settingId, UUID roomId, ListKind kind, String item, String tickedBy, Instant tickedAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.kind = kind;
        this.item = item;
        this.tickedBy = tickedBy;
        this.tickedAt = tickedAt;
    }

    String item() {
        return item;
    }

    String tickedBy() {
        return tickedBy;
    }
}
