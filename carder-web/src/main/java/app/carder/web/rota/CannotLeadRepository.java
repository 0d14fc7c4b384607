package app.carder.web.rota;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CannotLeadRepository extends Repository<CannotLead, UUID> {

    void save(CannotLead row);

    List<CannotLead> findBySettingIdAndZoneIdIn(SettingId settingId, Collection<UUID> zoneIds);

    void delete(CannotLead row);
}
