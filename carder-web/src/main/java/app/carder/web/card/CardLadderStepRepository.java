package app.carder.web.card;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface CardLadderStepRepository extends Repository<CardLadderStep, UUID> {

    void save(CardLadderStep row);

    List<CardLadderStep> findBySettingIdAndCardIdIn(SettingId settingId, Collection<UUID> cardIds);

    List<CardLadderStep> findBySettingIdAndCardId(SettingId settingId, UUID cardId);

    /** At once: what is written anew may have the same place. */
    @Modifying
    @Query("delete from CardLadderStep gone where gone.settingId = :settingId and gone.cardId = :cardId")
    void deleteBySettingIdAndCardId(@Param("settingId") SettingId settingId, @Param("cardId") UUID cardId);
}
