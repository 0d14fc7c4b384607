package app.carder.web.roomplan;

import app.carder.core.room.RoomPlan.Place;
import app.carder.web.setting.SettingId;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

interface KeptPlanRepository extends Repository<KeptPlan, UUID> {

    void save(KeptPlan plan);

    List<KeptPlan> findBySettingIdAndRoomId(SettingId settingId, UUID roomId);

    /** To be changed: two savers stand in line. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<KeptPlan> findBySettingIdAndRoomIdAndPlace(SettingId settingId, UUID roomId, Place place);
}
