package app.carder.web.family;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface HomeReaderRepository extends Repository<HomeReader, UUID> {

    void save(HomeReader reader);

    Optional<HomeReader> findByIdAndSettingId(UUID id, SettingId settingId);

    List<HomeReader> findBySettingIdAndBrowserIdAndEndedAtIsNull(SettingId settingId, UUID browserId);

    List<HomeReader> findBySettingIdAndCarerIdInAndEndedAtIsNullOrderBySince(
            SettingId settingId, Collection<UUID> carerIds, Limit limit);
}
