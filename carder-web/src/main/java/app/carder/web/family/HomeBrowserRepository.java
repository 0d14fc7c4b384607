package app.carder.web.family;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface HomeBrowserRepository extends Repository<HomeBrowser, UUID> {

    void save(HomeBrowser browser);

    Optional<HomeBrowser> findByIdAndSettingId(UUID id, SettingId settingId);

    List<HomeBrowser> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    /** Without a setting, as with a link: a browser that comes back has only its cookie. */
    Optional<HomeBrowser> findByTokenHash(String tokenHash);
}
