package app.carder.web.rota;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface LeadTurnRepository extends Repository<LeadTurn, UUID> {

    void save(LeadTurn turn);

    Optional<LeadTurn> findByIdAndSettingId(UUID id, SettingId settingId);

    List<LeadTurn> findBySettingIdAndRotaId(SettingId settingId, UUID rotaId);

    /** At once: the rota is written anew after it. */
    @Modifying
    @Query("delete from LeadTurn gone where gone.settingId = :settingId and gone.rotaId = :rotaId")
    void deleteBySettingIdAndRotaId(@Param("settingId") SettingId settingId, @Param("rotaId") UUID rotaId);
}
