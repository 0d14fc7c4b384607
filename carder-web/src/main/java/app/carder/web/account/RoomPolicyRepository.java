package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface RoomPolicyRepository extends Repository<RoomPolicy, UUID> {

    void save(RoomPolicy policy);

    Optional<RoomPolicy> findByIdAndSettingId(UUID id, SettingId settingId);
}
