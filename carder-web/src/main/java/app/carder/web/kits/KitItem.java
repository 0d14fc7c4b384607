package app.carder.web.kits;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.util.UUID;

/** So many of one thing in a kit. */
@Entity
class KitItem extends ScopedRecord {

    private UUID kitId;
    private int position;
    private UUID materialId;
    private int pieces;

    protected KitItem() {}

    KitItem(SettingId settingId, UUID kitId, int position, KitDetails.Part part) {
        super(Ids.next(), settingId);
        this.kitId = kitId;
        this.position = position;
        this.materialId = part.materialId();
        this.pieces = part.pieces();
    }

    UUID kitId() {
        return kitId;
    }

    UUID materialId() {
        return materialId;
    }

    int pieces() {
        return pieces;
    }
}
