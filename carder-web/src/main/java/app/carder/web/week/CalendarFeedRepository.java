package app.carder.web.week;

import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CalendarFeedRepository extends Repository<CalendarFeed, UUID> {

    void save(CalendarFeed feed);

    Optional<CalendarFeed> findByTokenHash(String tokenHash);

    List<CalendarFeed> findBySettingIdAndRevokedAtIsNullAndEndsAtAfterOrderByMadeAt(SettingId settingId, Instant now);

    Optional<CalendarFeed> findByIdAndSettingId(UUID id, SettingId settingId);
}
