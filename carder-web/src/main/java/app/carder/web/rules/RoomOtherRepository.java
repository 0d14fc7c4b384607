package app.carder.web.rules;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface RoomOtherRepository extends Repository<RoomOther, UUID> {

    void save(RoomOther other);

    Optional<RoomOther> findByIdAndSettingId(UUID id, SettingId settingId);

    List<RoomOther> findBySettingIdAndRoomIdAndLeftAtIsNullOrderByName(SettingId settingId, UUID roomId, Limit limit);
}
