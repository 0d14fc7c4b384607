package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface RecoveryCodeRepository extends Repository<RecoveryCode, UUID> {

    void save(RecoveryCode code);

    List<RecoveryCode> findByAccountIdAndSettingId(UUID accountId, SettingId settingId);

    void deleteByAccountIdAndSettingId(UUID accountId, SettingId settingId);
}
