package app.carder.web.week;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A card in its place of a proposed week, with why. */
@Entity
class ProposedBlock extends ScopedRecord {

    private UUID proposalId;
    private LocalDate onDay;
    private UUID sessionId;
    private UUID zoneId;
    private int place;
    private UUID cardId;
    private boolean pinned;
    private String[] because;

    protected ProposedBlock() {}

    ProposedBlock(
            SettingId settingId, UUID proposalId, BlockPlace at, UUID cardId, boolean pinned, List<String> because) {
        super(Ids.next(), settingId);
        this.proposalId = proposalId;
        this.onDay = at.onDay();
        this.sessionId = at.sessionId();
        this.zoneId = at.zoneId();
        this.place = at.place();
        this.cardId = cardId;
        this.pinned = pinned;
        this.because = because.toArray(String[]::new);
    }

    BlockPlace at() {
        return new BlockPlace(onDay, sessionId, zoneId, place);
    }

    UUID cardId() {
        return cardId;
    }

    boolean isPinned() {
        return pinned;
    }

    List<String> because() {
        return List.of(because);
    }
}
