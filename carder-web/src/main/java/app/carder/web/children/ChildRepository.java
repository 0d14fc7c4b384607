package app.carder.web.children;

import app.carder.web.setting.SettingId;
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

    List<Child> findBySettingIdAndRoomIdOrderByGivenName(SettingId settingId, UUID roomId, Limit limit);

    Optional<Child> findBySettingIdAndRoomIdAndPegMark(SettingId settingId, UUID roomId, PegMark pegMark);

    List<Child> findBySettingIdAndIdInOrderByGivenName(SettingId settingId, Collection<UUID> ids);

    List<Child> findBySettingIdOrderByGivenName(SettingId settingId, Limit limit);

    /** Every child of the setting: a guard that knew only some of the names would be silent about the others. */
    @Query("select c from Child c where c.settingId = :settingId")
    List<Child> everyChild(@Param("settingId") SettingId settingId);

    /** The database, not this look-up, has the last word where two people take a mark at once. */
    boolean existsBySettingIdAndRoomIdAndPegMarkAndIdNot(SettingId settingId, UUID roomId, PegMark pegMark, UUID id);
}
