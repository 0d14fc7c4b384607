package app.carder.web.provocation;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface ProvocationCalculationRepository extends Repository<ProvocationCalculation, UUID> {

    void save(ProvocationCalculation row);

    List<ProvocationCalculation> findBySettingIdAndProvocationIdInOrderByPosition(
            SettingId settingId, Collection<UUID> provocationIds);

    List<ProvocationCalculation> findBySettingIdAndProvocationIdOrderByPosition(
            SettingId settingId, UUID provocationId);

    /** At once: what is written anew may have the same place. */
    @Modifying
    @Query(
            "delete from ProvocationCalculation gone where gone.settingId = :settingId and gone.provocationId = :provocationId")
    void deleteBySettingIdAndProvocationId(
            @Param("settingId") SettingId settingId, @Param("provocationId") UUID provocationId);

    void deleteBySettingIdAndProvocationIdAndId(SettingId settingId, UUID provocationId, UUID id);
}
