package app.carder.web.rules;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface LocalRuleRepository extends Repository<LocalRule, UUID> {

    void save(LocalRule rule);

    Optional<LocalRule> findByIdAndSettingId(UUID id, SettingId settingId);

    List<LocalRule> findBySettingIdAndRoomIdAndWithdrawnAtIsNullOrderByAddedAt(
            SettingId settingId, UUID roomId, Limit limit);
}
