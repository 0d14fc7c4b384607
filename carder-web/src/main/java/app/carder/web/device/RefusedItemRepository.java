package app.carder.web.device;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface RefusedItemRepository extends Repository<RefusedItem, UUID> {

    void save(RefusedItem item);

    boolean existsByIdAndSettingId(UUID id, SettingId settingId);

    List<RefusedItem> findBySettingIdAndAccountIdOrderByRefusedAt(SettingId settingId, UUID accountId, Limit limit);

    void deleteBySettingIdAndAccountId(SettingId settingId, UUID accountId);
}
