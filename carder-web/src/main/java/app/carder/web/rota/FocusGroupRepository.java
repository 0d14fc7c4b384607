package app.carder.web.rota;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface FocusGroupRepository extends Repository<FocusGroup, UUID> {

    void save(FocusGroup group);

    Optional<FocusGroup> findByIdAndSettingIdAndRoomId(UUID id, SettingId settingId, UUID roomId);

    List<FocusGroup> findBySettingIdAndRoomIdAndOnDayGreaterThanEqualOrderByOnDayDesc(
            SettingId settingId, UUID roomId, LocalDate from, Limit limit);

    List<FocusGroup> findBySettingIdAndRoomIdAndOnDay(SettingId settingId, UUID roomId, LocalDate on, Limit limit);

    void delete(FocusGroup group);
}
