package app.carder.web.lists;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface ListTickRepository extends Repository<ListTick, UUID> {

    void save(ListTick tick);

    List<ListTick> findBySettingIdAndRoomIdAndKindAndItemIn(
            SettingId settingId, UUID roomId, ListKind kind, Collection<String> items);

    @Modifying
    @Query(
            "delete from ListTick t where t.settingId = :settingId and t.roomId = :roomId and t.kind = :kind and t.item = :item")
    void untick(
            @Param("settingId") SettingId settingId,
            @Param("roomId") UUID roomId,
            @Param("kind") ListKind kind,
            @Param("item") String item);
}
