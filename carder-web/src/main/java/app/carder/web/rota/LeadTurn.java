package app.carder.web.rota;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One week of one zone of a rota: who leads it, or who doubles up there. */
@Entity
class LeadTurn extends ScopedRecord {

    private UUID rotaId;
    private int week;
    private UUID zoneId;
    private @Nullable UUID accountId;
    private boolean spare;
    private boolean pinned;

    protected LeadTurn() {}

    LeadTurn(
            SettingId settingId,
            UUID rotaId,
            int week,
            UUID zoneId,
            @Nullable UUID accountId,
            boolean spare,
            boolean pinned) {
        super(Ids.next(), settingId);
        this.rotaId = rotaId;
        this.week = week;
        this.zoneId = zoneId;
        this.accountId = accountId;
        this.spare = spare;
        this.pinned = pinned;
    }

    /** Hands the turn to somebody, and pins it. */
    void handTo(UUID accountId) {
        this.accountId = accountId;
        this.pinned = true;
    }

    UUID rotaId() {
        return rotaId;
    }

    int week() {
        return week;
    }

    UUID zoneId() {
        return zoneId;
    }

    @Nullable
    UUID accountId() {
        return accountId;
    }

    boolean isSpare() {
        return spare;
    }

    boolean isPinned() {
        return pinned;
    }
}
