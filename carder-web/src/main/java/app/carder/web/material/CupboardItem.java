package app.carder.web.material;

import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.vessel.Fill.Pack;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Currency;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A material in the setting's cupboard, and how the setting buys it. What it is like stands in the starter cupboard. */
@Entity
@Table(name = "material")
class CupboardItem extends ScopedRecord {

    private String code;
    private String name;

    @Column(name = "pack_mg")
    private @Nullable Long packMg;

    private @Nullable Long packPriceMinor;

    protected CupboardItem() {}

    CupboardItem(SettingId settingId, String code, String name) {
        super(Ids.next(), settingId);
        this.code = code;
        this.name = name;
    }

    void buyIn(Pack pack) {
        packMg = pack.content().milligrams();
        packPriceMinor = pack.price().minorUnits();
    }

    void forgetPack() {
        packMg = null;
        packPriceMinor = null;
    }

    String code() {
        return code;
    }

    Optional<Pack> pack(Currency currency) {
        return packMg == null || packPriceMinor == null
                ? Optional.empty()
                : Optional.of(new Pack(Mass.ofMilligrams(packMg), Money.ofMinor(packPriceMinor, currency)));
    }
}
