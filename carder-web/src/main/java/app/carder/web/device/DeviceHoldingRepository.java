package app.carder.web.device;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface DeviceHoldingRepository extends Repository<DeviceHolding, UUID> {

    void save(DeviceHolding holding);

    Optional<DeviceHolding> findBySettingIdAndDeviceIdAndRoomIdAndDay(
            SettingId settingId, UUID deviceId, UUID roomId, LocalDate day);

    List<DeviceHolding> findBySettingIdAndDeviceIdOrderByLastAtDesc(SettingId settingId, UUID deviceId, Limit limit);

    List<DeviceHolding> findBySettingIdAndDeviceIdIn(SettingId settingId, Collection<UUID> deviceIds);
}
