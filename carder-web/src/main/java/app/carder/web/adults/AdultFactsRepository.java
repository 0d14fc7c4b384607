package app.carder.web.adults;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface AdultFactsRepository extends Repository<AdultFacts, UUID> {

    void save(AdultFacts facts);

    Optional<AdultFacts> findByIdAndSettingId(UUID id, SettingId settingId);

    List<AdultFacts> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    List<AdultFacts> findBySettingIdAndFirstAidUntilIsNotNull(SettingId settingId);
}
