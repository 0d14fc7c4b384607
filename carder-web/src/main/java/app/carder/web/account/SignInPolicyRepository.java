package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SignInPolicyRepository extends Repository<SignInPolicy, UUID> {

    void save(SignInPolicy policy);

    Optional<SignInPolicy> findBySettingId(SettingId settingId);
}
