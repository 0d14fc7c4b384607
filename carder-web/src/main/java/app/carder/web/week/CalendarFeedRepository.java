package app.carder.web.week;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CalendarFeedRepository extends Repository<CalendarFeed, UUID> {

    void save(CalendarFeed feed);

    Optional<CalendarFeed> findByTokenHash(String tokenHash);

    List<CalendarFeed> findBySettingIdAndAccountIdAndRevokedAtIsNullOrderByMadeAt(SettingId settingId, UUID accountId);

    Optional<CalendarFeed> findByIdAndSettingIdAndAccountId(UUID id, SettingId settingId, UUID accountId);
}
