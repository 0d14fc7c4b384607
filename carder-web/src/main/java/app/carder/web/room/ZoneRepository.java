package app.carder.web.room;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ZoneRepository extends Repository<Zone, UUID> {

    void save(Zone zone);

    List<Zone> findBySettingIdAndRoomIdInOrderByPosition(SettingId settingId, Collection<UUID> roomIds);
}
