package app.carder.web.device;

import app.carder.web.setting.SettingId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface DevicePolicyRepository extends Repository<DevicePolicy, UUID> {

    void save(DevicePolicy policy);

    Optional<DevicePolicy> findBySettingId(SettingId settingId);
}
