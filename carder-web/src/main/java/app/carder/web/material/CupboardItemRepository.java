package app.carder.web.material;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface CupboardItemRepository extends Repository<CupboardItem, UUID> {

    void save(CupboardItem item);

    List<CupboardItem> findBySettingIdAndRetiredFalseOrderByName(SettingId settingId, Limit limit);

    List<CupboardItem> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    Optional<CupboardItem> findByIdAndSettingId(UUID id, SettingId settingId);

    Optional<CupboardItem> findBySettingIdAndCode(SettingId settingId, String code);

    List<CupboardItem> findBySettingId(SettingId settingId, Limit limit);
}
