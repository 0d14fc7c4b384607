package app.carder.web.provocation;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface ProvocationRepository extends Repository<Provocation, UUID> {

    void save(Provocation provocation);

    Optional<Provocation> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Provocation> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    List<Provocation> findBySettingIdAndRoomIdOrderByTitle(SettingId settingId, UUID roomId, Limit limit);

    List<Provocation> findBySettingIdOrderByTitle(SettingId settingId, Limit limit);

    Slice<Provocation> findBySettingIdAndRoomIdOrderByChangedAtDescIdDesc(
            SettingId settingId, UUID roomId, Pageable page);

    @Query("select p from Provocation p where p.settingId = :settingId and p.roomId = :roomId"
            + " and (array_contains(p.areas, :notch) or array_contains(p.senses, :notch))"
            + " order by p.changedAt desc, p.id desc")
    Slice<Provocation> withNotch(
            @Param("settingId") SettingId settingId,
            @Param("roomId") UUID roomId,
            @Param("notch") String notch,
            Pageable page);
}
