package app.carder.web.investigate;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface InvestigationRepository extends Repository<Investigation, UUID> {

    void save(Investigation investigation);

    Optional<Investigation> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Investigation> findBySettingIdAndRoomIdOrderByBegunOnDescIdDesc(SettingId settingId, UUID roomId, Limit limit);
}
