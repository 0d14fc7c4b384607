package app.carder.web.children;

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

interface ChildRepository extends Repository<Child, UUID> {

    void save(Child child);

    Optional<Child> findByIdAndSettingId(UUID id, SettingId settingId);

    @Query("select c from Child c where c.settingId = :settingId and (c.roomId = :roomId or c.movesTo = :roomId)"
            + " and (c.endsOn is null or c.endsOn >= :today) order by c.givenName")
    List<Child> ofRoom(
            @Param("settingId") SettingId settingId,
            @Param("roomId") UUID roomId,
            @Param("today") LocalDate today,
            Limit limit);

    @Query(
            "select c from Child c where c.settingId = :settingId and c.endsOn < :today order by c.endsOn desc, c.givenName")
    List<Child> left(@Param("settingId") SettingId settingId, @Param("today") LocalDate today, Limit limit);

    @Query("select c from Child c where c.settingId = :settingId and c.movesOn <= :today order by c.movesOn, c.id")
    List<Child> moving(@Param("settingId") SettingId settingId, @Param("today") LocalDate today, Limit limit);

    List<Child> findBySettingIdAndRoomId(SettingId settingId, UUID roomId);

    Optional<Child> findBySettingIdAndRoomIdAndPegMark(SettingId settingId, UUID roomId, PegMark pegMark);

    List<Child> findBySettingIdAndIdInOrderByGivenName(SettingId settingId, Collection<UUID> ids);

    @Query("select c from Child c where c.settingId = :settingId and (c.endsOn is null or c.endsOn >= :today)"
            + " order by c.givenName")
    List<Child> present(@Param("settingId") SettingId settingId, @Param("today") LocalDate today, Limit limit);

    /** Every child of the setting: a guard that knew only some of the names would be silent about the others. */
    @Query("select c from Child c where c.settingId = :settingId")
    List<Child> everyChild(@Param("settingId") SettingId settingId);

    /** The database, not this look-up, has the last word where two people take a mark at once. */
    boolean existsBySettingIdAndRoomIdAndPegMarkAndIdNot(SettingId settingId, UUID roomId, PegMark pegMark, UUID id);
}
