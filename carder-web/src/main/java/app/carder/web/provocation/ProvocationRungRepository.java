package app.carder.web.provocation;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ProvocationRungRepository extends Repository<ProvocationRung, UUID> {

    void save(ProvocationRung row);

    List<ProvocationRung> findBySettingIdAndProvocationId(SettingId settingId, UUID provocationId);

    void deleteBySettingIdAndProvocationId(SettingId settingId, UUID provocationId);
}
