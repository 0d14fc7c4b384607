package app.carder.web.card;

import app.carder.core.card.Portion;
import app.carder.core.measure.Length;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One material on a card. */
@Entity
class CardMaterial extends ScopedRecord {

    private UUID cardId;
    private int position;
    private UUID materialId;
    private boolean poured;

    @Column(name = "depth_um")
    private @Nullable Long depthUm;

    private @Nullable Integer pieces;

    protected CardMaterial() {}

    CardMaterial(SettingId settingId, UUID cardId, int position, Portion line) {
        super(Ids.next(), settingId);
        this.cardId = cardId;
        this.position = position;
        if (line instanceof Portion.Poured poured) {
            this.materialId = UUID.fromString(poured.thing());
            this.poured = true;
            this.depthUm = poured.depth().map(Length::micrometres).orElse(null);
        } else if (line instanceof Portion.Counted counted) {
            this.materialId = UUID.fromString(counted.thing());
            this.pieces = counted.pieces().orElse(null);
        } else {
            throw new IllegalStateException("A line must be poured or counted, got %s.".formatted(line));
        }
    }

    UUID cardId() {
        return cardId;
    }

    Portion line() {
        return poured
                ? new Portion.Poured(
                        materialId.toString(), Optional.ofNullable(depthUm).map(Length::ofMicrometres))
                : new Portion.Counted(materialId.toString(), Optional.ofNullable(pieces));
    }
}
