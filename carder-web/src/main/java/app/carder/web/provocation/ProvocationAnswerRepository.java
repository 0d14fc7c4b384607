package app.carder.web.provocation;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ProvocationAnswerRepository extends Repository<ProvocationAnswer, UUID> {

    ProvocationAnswer save(ProvocationAnswer answer);

    List<ProvocationAnswer> findBySettingIdAndProvocationIdInOrderByAnsweredAt(
            SettingId settingId, Collection<UUID> provocationIds);
}
