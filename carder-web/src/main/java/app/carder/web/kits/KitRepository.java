package app.carder.web.kits;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface KitRepository extends Repository<Kit, UUID> {

    void save(Kit kit);

    Optional<Kit> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Kit> findBySettingIdAndRetiredFalseOrderByName(SettingId settingId, Limit limit);
}
