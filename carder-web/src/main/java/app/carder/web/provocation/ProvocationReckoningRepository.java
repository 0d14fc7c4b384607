package app.carder.web.provocation;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ProvocationReckoningRepository extends Repository<ProvocationReckoning, UUID> {

    void save(ProvocationReckoning row);

    List<ProvocationReckoning> findBySettingIdAndProvocationIdOrderByPosition(SettingId settingId, UUID provocationId);

    void deleteBySettingIdAndProvocationId(SettingId settingId, UUID provocationId);

    void deleteBySettingIdAndProvocationIdAndId(SettingId settingId, UUID provocationId, UUID id);
}
