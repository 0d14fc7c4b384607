package app.carder.web.material;

import app.carder.core.material.MaterialCatalogue;
import app.carder.core.vessel.Fill.Pack;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cupboard of a setting. */
@Service
public class MaterialService {

    private static final Limit CUPBOARD = Limit.of(300);

    private final CupboardItemRepository items;
    private final MaterialCatalogue catalogue;
    private final SettingService settings;

    MaterialService(CupboardItemRepository items, MaterialCatalogue catalogue, SettingService settings) {
        this.items = items;
        this.catalogue = catalogue;
        this.settings = settings;
    }

    /** Puts the starter cupboard into a new setting. */
    @Transactional
    public void stock(SettingId settingId) {
        catalogue.byCode().forEach((code, material) -> items.save(new CupboardItem(settingId, code, material.name())));
    }

    /** The whole cupboard by name. */
    @Transactional(readOnly = true)
    public List<MaterialView> cupboard(SettingId settingId) {
        Currency currency = settings.get(settingId).currency();
        return items.findBySettingIdOrderByName(settingId, CUPBOARD).stream()
                .map(item -> view(item, currency))
                .toList();
    }

    /**
     * One material, by the code of the starter cupboard.
     *
     * @throws NotFound if the cupboard has none
     */
    @Transactional(readOnly = true)
    public MaterialView byCode(SettingId settingId, String code) {
        return view(
                items.findBySettingIdAndCode(settingId, code).orElseThrow(NotFound::new),
                settings.get(settingId).currency());
    }

    /** Writes down how a material is bought, or that it is not known. */
    @Transactional
    public void buyIn(SettingId settingId, UUID materialId, Optional<Pack> pack) {
        CupboardItem item = items.findByIdAndSettingId(materialId, settingId).orElseThrow(NotFound::new);
        pack.ifPresentOrElse(item::buyIn, item::forgetPack);
    }

    private MaterialView view(CupboardItem item, Currency currency) {
        return new MaterialView(item.getId(), item.code(), catalogue.get(item.code()), item.pack(currency));
    }
}
