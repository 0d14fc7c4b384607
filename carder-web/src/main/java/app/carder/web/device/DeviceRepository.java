package app.carder.web.device;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface DeviceRepository extends Repository<Device, UUID> {

    void save(Device device);

    Optional<Device> findByIdAndSettingId(UUID id, SettingId settingId);

    /** For a device that nobody is signed in on: whether it must be wiped. */
    Optional<Device> findById(UUID id);

    List<Device> findBySettingIdOrderByLastContactAtDesc(SettingId settingId, Limit limit);
}
