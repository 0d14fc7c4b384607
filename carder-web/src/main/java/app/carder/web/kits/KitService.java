package app.carder.web.kits;

import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Kits of a setting. */
@Service
public class KitService {

    private static final Limit KITS = Limit.of(200);

    private final KitRepository kits;
    private final KitItemRepository items;
    private final MaterialService materials;

    KitService(KitRepository kits, KitItemRepository items, MaterialService materials) {
        this.kits = kits;
        this.items = items;
        this.materials = materials;
    }

    /** All kits by name. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public List<KitView> all(SettingId settingId) {
        return views(settingId, kits.findBySettingIdAndRetiredFalseOrderByName(settingId, KITS));
    }

    /**
     * One kit, one that was put away for good included, as cards may still ask for it.
     *
     * @throws NotFound if the setting has no such kit
     */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public KitView get(SettingId settingId, UUID kitId) {
        return views(settingId, List.of(find(settingId, kitId))).get(0);
    }

    /** Whether there is such a kit, or was one. */
    @Transactional(readOnly = true)
    public boolean has(SettingId settingId, UUID kitId) {
        return kits.findByIdAndSettingId(kitId, settingId).isPresent();
    }

    /** Makes a kit; a second time with the same id changes nothing. */
    @Transactional
    public void make(SettingId settingId, UUID id, KitDetails details) {
        if (kits.findByIdAndSettingId(id, settingId).isEmpty()) {
            kits.save(new Kit(id, settingId, details));
            fill(settingId, id, details);
        }
    }

    /**
     * Changes a kit, if nobody has since it was opened.
     *
     * @return whether it was changed
     */
    @Transactional
    public boolean rewrite(SettingId settingId, UUID kitId, int version, KitDetails details) {
        Kit kit = find(settingId, kitId);
        if (kit.version() != version) {
            return false;
        }
        kit.rewrite(details);
        items.deleteBySettingIdAndKitId(settingId, kitId);
        fill(settingId, kitId, details);
        return true;
    }

    /** Takes a kit apart. */
    @Transactional
    public void retire(SettingId settingId, UUID kitId) {
        find(settingId, kitId).retire();
    }

    /** Whether another kit has this name. */
    @Transactional(readOnly = true)
    public boolean isTaken(SettingId settingId, String name, Optional<UUID> by) {
        return kits.findBySettingIdAndRetiredFalseOrderByName(settingId, KITS).stream()
                .anyMatch(kit -> by.filter(kit.getId()::equals).isEmpty()
                        && kit.name().toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT)));
    }

    private void fill(SettingId settingId, UUID kitId, KitDetails details) {
        for (int position = 0; position < details.parts().size(); position++) {
            items.save(new KitItem(settingId, kitId, position, details.parts().get(position)));
        }
    }

    private Kit find(SettingId settingId, UUID kitId) {
        return kits.findByIdAndSettingId(kitId, settingId).orElseThrow(NotFound::new);
    }

    private List<KitView> views(SettingId settingId, List<Kit> found) {
        List<KitItem> all = items.findBySettingIdAndKitIdInOrderByPosition(
                settingId, found.stream().map(Kit::getId).toList());
        Map<UUID, MaterialView> byId = materials.byId(
                settingId, all.stream().map(KitItem::materialId).distinct().toList());
        Map<UUID, List<KitItem>> byKit = all.stream().collect(Collectors.groupingBy(KitItem::kitId));
        return found.stream()
                .map(kit -> new KitView(
                        kit.getId(),
                        kit.version(),
                        kit.name(),
                        kit.keptIn(),
                        kit.note(),
                        byKit.getOrDefault(kit.getId(), List.of()).stream()
                                .flatMap(item -> Stream.ofNullable(byId.get(item.materialId()))
                                        .map(material -> new KitView.Part(material, item.pieces())))
                                .toList()))
                .toList();
    }
}
