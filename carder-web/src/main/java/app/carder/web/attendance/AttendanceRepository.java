package app.carder.web.attendance;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface AttendanceRepository extends Repository<AttendanceDay, UUID> {

    void save(AttendanceDay day);

    void delete(AttendanceDay day);

    Optional<AttendanceDay> findBySettingIdAndChildIdAndOnDay(SettingId settingId, UUID childId, LocalDate onDay);

    List<AttendanceDay> findBySettingIdAndChildIdInAndOnDayGreaterThanEqual(
            SettingId settingId, Collection<UUID> childIds, LocalDate first);

    List<AttendanceDay> findBySettingIdAndChildIdInAndOnDayBetween(
            SettingId settingId, Collection<UUID> childIds, LocalDate first, LocalDate last);
}
