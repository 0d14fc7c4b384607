package app.carder.web.rota;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface ShiftRepository extends Repository<Shift, UUID> {

    void save(Shift shift);

    List<Shift> findBySettingIdAndRoomIdOrderByWeekdayAscFromTimeAsc(SettingId settingId, UUID roomId, Limit limit);

    List<Shift> findBySettingIdOrderByWeekdayAscFromTimeAsc(SettingId settingId, Limit limit);

    List<Shift> findBySettingIdAndAccountId(SettingId settingId, UUID accountId, Limit limit);

    Optional<Shift> findBySettingIdAndRoomIdAndId(SettingId settingId, UUID roomId, UUID id);

    void deleteBySettingIdAndRoomIdAndId(SettingId settingId, UUID roomId, UUID id);

    List<Shift> findBySettingIdAndAccountIdIn(SettingId settingId, Collection<UUID> accountIds, Limit limit);
}
