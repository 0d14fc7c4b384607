package app.carder.web.homecard;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface SentCardRepository extends Repository<SentCard, UUID> {

    void save(SentCard card);

    Optional<SentCard> findByIdAndSettingId(UUID id, SettingId settingId);

    List<SentCard> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    List<SentCard> findBySettingIdAndChildIdOrderBySentAtDescIdDesc(SettingId settingId, UUID childId, Limit limit);

    List<SentCard> findBySettingIdAndCarerIdInOrderBySentAtDescIdDesc(
            SettingId settingId, Collection<UUID> carerIds, Limit limit);
}
