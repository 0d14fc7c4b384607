package app.carder.web.setting;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface OccasionRepository extends Repository<Occasion, UUID> {

    void save(Occasion occasion);

    List<Occasion> findBySettingIdAndUntilDayGreaterThanEqualAndFromDayLessThanEqualOrderByFromDay(
            SettingId settingId, LocalDate from, LocalDate until, Limit limit);

    Optional<Occasion> findByIdAndSettingId(UUID id, SettingId settingId);

    void delete(Occasion occasion);
}
