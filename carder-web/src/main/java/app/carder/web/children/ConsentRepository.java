package app.carder.web.children;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ConsentRepository extends Repository<ConsentEntry, UUID> {

    void save(ConsentEntry entry);

    List<ConsentEntry> findBySettingIdAndChildIdInOrderByNotedAtAscIdAsc(
            SettingId settingId, Collection<UUID> children);
}
