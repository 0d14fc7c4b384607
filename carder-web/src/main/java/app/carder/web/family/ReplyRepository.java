package app.carder.web.family;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface ReplyRepository extends Repository<Reply, UUID> {

    void save(Reply reply);

    Optional<Reply> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Reply> findBySettingIdAndChildIdOrderBySentAtDesc(SettingId settingId, UUID childId, Limit limit);

    List<Reply> findBySettingIdAndJournalIdAndAuthorIdOrderBySentAtDesc(
            SettingId settingId, UUID journalId, UUID authorId, Limit limit);

    List<Reply> findBySettingIdAndJournalIdOrderBySentAtDesc(SettingId settingId, UUID journalId, Limit limit);
}
