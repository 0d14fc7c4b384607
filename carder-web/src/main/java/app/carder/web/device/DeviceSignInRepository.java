package app.carder.web.device;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface DeviceSignInRepository extends Repository<DeviceSignIn, UUID> {

    void save(DeviceSignIn signIn);

    /** By the id in a token: what the token proves is whose it is, so no setting is known yet. */
    Optional<DeviceSignIn> findById(UUID id);

    /** Of one person, whom the event names, in whichever setting. */
    List<DeviceSignIn> findByAccountIdAndEndedAtIsNull(UUID accountId);

    List<DeviceSignIn> findBySettingIdAndDeviceIdAndEndedAtIsNull(SettingId settingId, UUID deviceId);
}
