package app.carder.web.watch;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ObservationChildRepository extends Repository<ObservationChild, UUID> {

    void save(ObservationChild child);

    List<ObservationChild> findBySettingIdAndObservationIdInOrderById(
            SettingId settingId, Collection<UUID> observationIds);
}
