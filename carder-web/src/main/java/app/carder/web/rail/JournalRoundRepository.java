package app.carder.web.rail;

import app.carder.web.setting.SettingId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface JournalRoundRepository extends Repository<JournalRound, UUID> {

    void save(JournalRound round);

    Optional<JournalRound> findByIdAndSettingId(UUID id, SettingId settingId);

    Optional<JournalRound> findFirstBySettingIdAndRoomIdOrderByAskedAtDescIdDesc(SettingId settingId, UUID roomId);
}
