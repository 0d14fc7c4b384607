package app.carder.web.provocation;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ProvocationStepRepository extends Repository<ProvocationStep, UUID> {

    void save(ProvocationStep row);

    List<ProvocationStep> findBySettingIdAndProvocationIdOrderByPosition(SettingId settingId, UUID provocationId);

    void deleteBySettingIdAndProvocationId(SettingId settingId, UUID provocationId);
}
