package app.carder.web.draft;

import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface DraftRepository extends Repository<Draft, UUID> {

    void save(Draft draft);

    void delete(Draft draft);

    Optional<Draft> findBySettingIdAndAccountIdAndPlace(SettingId settingId, UUID accountId, String place);

    List<Draft> findBySettingIdAndAccountIdAndPlaceIn(SettingId settingId, UUID accountId, Collection<String> places);

    List<Draft> findBySettingIdAndAccountIdOrderByChangedAtDesc(SettingId settingId, UUID accountId, Limit limit);

    void deleteBySettingIdAndAccountIdAndPlaceStartingWith(SettingId settingId, UUID accountId, String path);

    long deleteByChangedAtBefore(Instant oldest);
}
