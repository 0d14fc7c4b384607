package app.carder.web.material;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface CupboardItemRepository extends Repository<CupboardItem, UUID> {

    void save(CupboardItem item);

    List<CupboardItem> findBySettingIdAndRetiredFalseOrderByName(SettingId settingId, Limit limit);

    List<CupboardItem> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    /** What is still in the cupboard before what was taken out of it. */
    @Query("select i from CupboardItem i where i.settingId = :settingId"
            + " and lower(i.name) in :names order by i.retired, i.name")
    List<CupboardItem> findByNames(@Param("settingId") SettingId settingId, @Param("names") Collection<String> names);

    Optional<CupboardItem> findByIdAndSettingId(UUID id, SettingId settingId);

    Optional<CupboardItem> findBySettingIdAndCode(SettingId settingId, String code);

    List<CupboardItem> findBySettingId(SettingId settingId, Limit limit);
}
