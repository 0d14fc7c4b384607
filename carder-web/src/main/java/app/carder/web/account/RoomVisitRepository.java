package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface RoomVisitRepository extends Repository<RoomVisit, UUID> {

    void save(RoomVisit visit);

    List<RoomVisit> findBySettingIdAndAccountIdAndEndsAtAfter(SettingId settingId, UUID accountId, Instant now);
}
