package app.carder.web.setout;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface SetOutRepository extends Repository<SetOut, UUID> {

    void save(SetOut setOut);

    Optional<SetOut> findByIdAndSettingId(UUID id, SettingId settingId);

    List<SetOut> findBySettingIdAndRoomIdAndOnDayAndPutAwayAtIsNullOrderBySetOutAt(
            SettingId settingId, UUID roomId, LocalDate onDay, Limit limit);

    List<SetOut> findBySettingIdAndRoomIdAndOnDayBetween(
            SettingId settingId, UUID roomId, LocalDate from, LocalDate until, Limit limit);

    boolean existsBySettingIdAndProvocationIdAndZoneIdAndOnDayAndPutAwayAtIsNull(
            SettingId settingId, UUID provocationId, UUID zoneId, LocalDate onDay);

    List<SetOut> findBySettingIdAndProvocationIdOrderBySetOutAtDesc(
            SettingId settingId, UUID provocationId, Limit limit);
}
