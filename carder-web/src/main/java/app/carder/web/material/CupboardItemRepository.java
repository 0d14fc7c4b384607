package app.carder.web.material;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface CupboardItemRepository extends Repository<CupboardItem, UUID> {

    void save(CupboardItem item);

    List<CupboardItem> findBySettingIdOrderByName(SettingId settingId, Limit limit);

    Optional<CupboardItem> findByIdAndSettingId(UUID id, SettingId settingId);

    Optional<CupboardItem> findBySettingIdAndCode(SettingId settingId, String code);
}
