package app.carder.web.kits;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface KitItemRepository extends Repository<KitItem, UUID> {

    void save(KitItem item);

    List<KitItem> findBySettingIdAndKitIdInOrderByPosition(SettingId settingId, Collection<UUID> kitIds);

    /** At once: what is written anew may have the same place. */
    @Modifying
    @Query("delete from KitItem gone where gone.settingId = :settingId and gone.kitId = :kitId")
    void deleteBySettingIdAndKitId(@Param("settingId") SettingId settingId, @Param("kitId") UUID kitId);
}
