package app.carder.web.room;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface RoomSessionRepository extends Repository<RoomSession, UUID> {

    void save(RoomSession session);

    List<RoomSession> findBySettingIdAndRoomIdInOrderByStartsAt(SettingId settingId, Collection<UUID> roomIds);
}
