package app.carder.web.card;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CardAnswerRepository extends Repository<CardAnswer, UUID> {

    CardAnswer save(CardAnswer answer);

    List<CardAnswer> findBySettingIdAndCardIdInOrderByAnsweredAt(SettingId settingId, Collection<UUID> cardIds);
}
