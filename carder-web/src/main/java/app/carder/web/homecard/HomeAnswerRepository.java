package app.carder.web.homecard;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface HomeAnswerRepository extends Repository<HomeAnswer, UUID> {

    void save(HomeAnswer answer);

    Optional<HomeAnswer> findByIdAndSettingId(UUID id, SettingId settingId);

    List<HomeAnswer> findBySettingIdAndHomeCardIdInOrderBySentAt(SettingId settingId, Collection<UUID> cards);

    List<HomeAnswer> findBySettingIdAndChildIdInOrderBySentAtDescIdDesc(
            SettingId settingId, Collection<UUID> children, Limit limit);
}
