package app.carder.web.rota;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface AbsenceRepository extends Repository<Absence, UUID> {

    void save(Absence absence);

    List<Absence> findBySettingIdAndUntilDayGreaterThanEqualOrderByFromDay(
            SettingId settingId, LocalDate from, Limit limit);

    void deleteBySettingIdAndId(SettingId settingId, UUID id);
}
