package app.carder.web.provocation;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ProvocationMaterialRepository extends Repository<ProvocationMaterial, UUID> {

    void save(ProvocationMaterial material);

    List<ProvocationMaterial> findBySettingIdAndProvocationIdOrderByPosition(SettingId settingId, UUID provocationId);

    void deleteBySettingIdAndProvocationId(SettingId settingId, UUID provocationId);
}
