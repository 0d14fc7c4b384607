package app.carder.web.card;

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

interface CardRepository extends Repository<StoredCard, UUID> {

    void save(StoredCard card);

    Optional<StoredCard> findByIdAndSettingId(UUID id, SettingId settingId);

    List<StoredCard> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    List<StoredCard> findBySettingIdAndRoomIdOrderByTitle(SettingId settingId, UUID roomId, Limit limit);

    List<StoredCard> findBySettingIdOrderByTitle(SettingId settingId, Limit limit);

    Slice<StoredCard> findBySettingIdAndRoomIdOrderByChangedAtDescIdDesc(
            SettingId settingId, UUID roomId, Pageable page);

    @Query("select p from StoredCard p where p.settingId = :settingId and p.roomId = :roomId"
            + " and (array_contains(p.areas, :notch) or array_contains(p.senses, :notch))"
            + " order by p.changedAt desc, p.id desc")
    Slice<StoredCard> withNotch(
            @Param("settingId") SettingId settingId,
            @Param("roomId") UUID roomId,
            @Param("notch") String notch,
            Pageable page);
}
