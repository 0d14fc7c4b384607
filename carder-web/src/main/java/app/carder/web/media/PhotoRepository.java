package app.carder.web.media;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface PhotoRepository extends Repository<Photo, UUID> {

    void save(Photo photo);

    Optional<Photo> findByIdAndSettingId(UUID id, SettingId settingId);

    Optional<Photo> findByIdAndSettingIdAndCardId(UUID id, SettingId settingId, UUID cardId);

    List<Photo> findBySettingIdAndCardIdOrderByOnDayDescStoredAtDesc(SettingId settingId, UUID cardId, Limit most);

    void delete(Photo photo);

    List<Photo> findBySettingIdAndHomeAnswerIdIn(SettingId settingId, Collection<UUID> answerIds);

    List<Photo> findBySettingIdAndReadingIdIn(SettingId settingId, Collection<UUID> readingIds);

    List<Photo> findBySettingIdAndObservationIdIn(SettingId settingId, Collection<UUID> observationIds);
}
