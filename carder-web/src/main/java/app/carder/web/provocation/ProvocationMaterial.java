package app.carder.web.provocation;

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
class ProvocationMaterial extends ScopedRecord {

    private UUID provocationId;
    private int position;
    private UUID materialId;

    @Column(name = "depth_um")
    private @Nullable Long depthUm;

    private @Nullable Integer pieces;

    protected ProvocationMaterial() {}

    ProvocationMaterial(SettingId settingId, UUID provocationId, int position, CardDetails.Line line) {
        super(Ids.next(), settingId);
        this.provocationId = provocationId;
        this.position = position;
        this.materialId = line.materialId();
        this.depthUm = line.depth().map(Length::micrometres).orElse(null);
        this.pieces = line.pieces().orElse(null);
    }

    UUID provocationId() {
        return provocationId;
    }

    CardDetails.Line line() {
        return new CardDetails.Line(
                materialId, Optional.ofNullable(depthUm).map(Length::ofMicrometres), Optional.ofNullable(pieces));
    }
}
