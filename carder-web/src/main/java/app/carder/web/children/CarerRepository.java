package app.carder.web.children;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface CarerRepository extends Repository<Carer, UUID> {

    void save(Carer carer);

    Optional<Carer> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Carer> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    List<Carer> findBySettingIdAndChildIdOrderByName(SettingId settingId, UUID childId, Limit limit);

    List<Carer> findBySettingIdAndChildIdInOrderByName(SettingId settingId, Collection<UUID> childIds);

    List<Carer> findBySettingIdAndAccountId(SettingId settingId, UUID accountId, Limit limit);
}
