package app.carder.web.account;

import app.carder.web.setting.SettingId;
import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

interface PasswordCodeRepository extends Repository<PasswordCode, UUID> {

    void save(PasswordCode code);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<PasswordCode> findByIdAndSettingId(UUID accountId, SettingId settingId);

    void delete(PasswordCode code);
}
