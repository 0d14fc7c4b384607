package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SecondStepRepository extends Repository<SecondStep, UUID> {

    void save(SecondStep step);

    void delete(SecondStep step);

    Optional<SecondStep> findByIdAndSettingId(UUID accountId, SettingId settingId);
}
