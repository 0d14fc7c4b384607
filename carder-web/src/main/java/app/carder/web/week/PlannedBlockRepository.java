package app.carder.web.week;

import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface PlannedBlockRepository extends Repository<PlannedBlock, UUID> {

    void save(PlannedBlock block);

    Optional<PlannedBlock> findByIdAndSettingId(UUID id, SettingId settingId);

    List<PlannedBlock> findBySettingIdAndRoomIdAndOnDayBetween(
            SettingId settingId, UUID roomId, LocalDate from, LocalDate until, Limit limit);

    void delete(PlannedBlock block);

    /** At once: what is written anew may have the same place. */
    @Modifying
    @Query("delete from PlannedBlock gone where gone.settingId = :settingId and gone.roomId = :roomId"
            + " and gone.onDay between :from and :until and (:pinnedToo = true or gone.pinned = false)")
    void clear(
            @Param("settingId") SettingId settingId,
            @Param("roomId") UUID roomId,
            @Param("from") LocalDate from,
            @Param("until") LocalDate until,
            @Param("pinnedToo") boolean pinnedToo);
}
