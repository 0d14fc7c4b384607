package app.carder.web.journal;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.repository.Repository;

interface JournalRepository extends Repository<Journal, UUID> {

    void save(Journal journal);

    boolean existsBySettingIdAndChildIdAndRoundId(SettingId settingId, UUID childId, UUID roundId);

    Optional<Journal> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Journal> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    List<Journal> findBySettingIdAndChildIdOrderByEndsOnDesc(SettingId settingId, UUID childId, Limit limit);

    Slice<Journal> findBySettingIdAndChildIdInOrderByCompiledAtDescIdDesc(
            SettingId settingId, Collection<UUID> children, Pageable page);
}
