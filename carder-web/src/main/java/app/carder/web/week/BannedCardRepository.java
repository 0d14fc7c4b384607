package app.carder.web.week;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface BannedCardRepository extends Repository<BannedCard, UUID> {

    void save(BannedCard card);

    List<BannedCard> findBySettingIdAndRoomIdAndMonday(SettingId settingId, UUID roomId, LocalDate monday);

    void delete(BannedCard card);
}
