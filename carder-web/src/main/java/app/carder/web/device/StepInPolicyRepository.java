package app.carder.web.device;

import app.carder.web.setting.SettingId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StepInPolicyRepository extends Repository<StepInPolicy, UUID> {

    void save(StepInPolicy policy);

    Optional<StepInPolicy> findBySettingId(SettingId settingId);
}
