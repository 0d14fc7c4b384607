package app.carder.web.watchlog;

import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface WatchEntryRepository extends Repository<WatchEntry, UUID> {

    void save(WatchEntry entry);

    @Query("select e.id from WatchEntry e where e.settingId = :settingId and e.id in :ids")
    List<UUID> known(@Param("settingId") SettingId settingId, @Param("ids") Collection<UUID> ids);

    @Query("select distinct e.recordId from WatchEntry e where e.settingId = :settingId and e.childId = :childId"
            + " and e.happenedAt >= :from")
    List<UUID> recordsOfChild(
            @Param("settingId") SettingId settingId, @Param("childId") UUID childId, @Param("from") Instant from);

    @Query("select distinct e.recordId from WatchEntry e where e.settingId = :settingId and e.cardId = :cardId"
            + " and e.happenedAt >= :from")
    List<UUID> recordsOfCard(
            @Param("settingId") SettingId settingId, @Param("cardId") UUID cardId, @Param("from") Instant from);

    List<WatchEntry> findBySettingIdAndRecordIdInOrderByHappenedAtAscIdAsc(
            SettingId settingId, Collection<UUID> recordIds, Limit limit);

    List<WatchEntry> findBySettingIdAndRoomIdAndHappenedAtBetweenOrderByHappenedAtAscIdAsc(
            SettingId settingId, UUID roomId, Instant from, Instant until, Limit limit);

    @Query("select e.childId as childId, max(e.happenedAt) as lastAt from WatchEntry e"
            + " where e.settingId = :settingId and e.childId in :childIds group by e.childId")
    List<LastWatched> lastWatched(
            @Param("settingId") SettingId settingId, @Param("childIds") Collection<UUID> childIds);

    /** When a child was last watched. */
    interface LastWatched {
        UUID getChildId();

        Instant getLastAt();
    }
}
