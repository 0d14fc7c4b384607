package app.carder.web.investigate;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface ReadingRepository extends Repository<Reading, UUID> {

    void save(Reading reading);

    Optional<Reading> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Reading> findBySettingIdAndInvestigationIdInOrderByOnDayAscReadAtAsc(
            SettingId settingId, Collection<UUID> investigationIds, Limit limit);
}
