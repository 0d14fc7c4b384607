package app.carder.web.kits;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface KitItemRepository extends Repository<KitItem, UUID> {

    void save(KitItem item);

    List<KitItem> findBySettingIdAndKitIdInOrderByPosition(SettingId settingId, Collection<UUID> kitIds);

    void deleteBySettingIdAndKitId(SettingId settingId, UUID kitId);
}
