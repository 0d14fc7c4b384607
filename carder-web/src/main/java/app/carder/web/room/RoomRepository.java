package app.carder.web.room;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface RoomRepository extends Repository<Room, UUID> {

    void save(Room room);

    List<Room> findBySettingIdOrderByPosition(SettingId settingId, Limit limit);

    Optional<Room> findByIdAndSettingId(UUID id, SettingId settingId);
}
