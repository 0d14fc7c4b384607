package app.carder.web.rota;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface LeadRotaRepository extends Repository<LeadRota, UUID> {

    void save(LeadRota rota);

    Optional<LeadRota> findByIdAndSettingId(UUID id, SettingId settingId);

    List<LeadRota> findBySettingIdAndRoomIdOrderByFirstMondayDescChangedAtDesc(
            SettingId settingId, UUID roomId, Limit limit);
}
