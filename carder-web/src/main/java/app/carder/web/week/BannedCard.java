package app.carder.web.week;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;

/** A card that is not to be proposed in a week. */
@Entity
class BannedCard extends ScopedRecord {

    private UUID roomId;
    private LocalDate monday;
    private UUID cardId;

    protected BannedCard() {}

    BannedCard(SettingId settingId, UUID roomId, LocalDate monday, UUID cardId) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.monday = monday;
        this.cardId = cardId;
    }

    UUID cardId() {
        return cardId;
    }
}
