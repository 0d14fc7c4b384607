package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface KnownBrowserRepository extends Repository<KnownBrowser, UUID> {

    void save(KnownBrowser browser);

    Optional<KnownBrowser> findByTokenHashAndAccountIdAndSettingId(
            String tokenHash, UUID accountId, SettingId settingId);

    void deleteByAccountIdAndSettingId(UUID accountId, SettingId settingId);

    void deleteByLastUsedAtBefore(Instant moment);
}
