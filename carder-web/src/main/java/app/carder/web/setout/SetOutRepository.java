package app.carder.web.setout;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface SetOutRepository extends Repository<SetOut, UUID> {

    void save(SetOut setOut);

    @Query("select s from SetOut s where s.settingId = :settingId and s.onDay >= :since"
            + " and length(s.overruledBecause) > 0")
    List<SetOut> overruledSince(@Param("settingId") SettingId settingId, @Param("since") LocalDate since, Limit limit);

    Optional<SetOut> findByIdAndSettingId(UUID id, SettingId settingId);

    List<SetOut> findBySettingIdAndRoomIdAndOnDayAndPutAwayAtIsNullOrderBySetOutAt(
            SettingId settingId, UUID roomId, LocalDate onDay, Limit limit);

    List<SetOut> findBySettingIdAndRoomIdAndOnDayBetween(
            SettingId settingId, UUID roomId, LocalDate from, LocalDate until, Limit limit);

    boolean existsBySettingIdAndCardIdAndZoneIdAndOnDayAndPutAwayAtIsNull(
            SettingId settingId, UUID cardId, UUID zoneId, LocalDate onDay);

    List<SetOut> findBySettingIdAndCardIdOrderBySetOutAtDesc(SettingId settingId, UUID cardId, Limit limit);

    List<SetOut> findBySettingIdAndCardIdInOrderBySetOutAtDesc(
            SettingId settingId, Collection<UUID> cardIds, Limit limit);
}
