package app.carder.web.family;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ReplyRepository extends Repository<Reply, UUID> {

    void save(Reply reply);

    Optional<Reply> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Reply> findBySettingIdAndChildIdOrderBySentAtDesc(SettingId settingId, UUID childId, Limit limit);

    List<Reply> findBySettingIdAndJournalIdAndAuthorIdOrderBySentAtDesc(
            SettingId settingId, UUID journalId, UUID authorId, Limit limit);

    /** The newest about children who are in certain rooms today, those that nobody has read first. */
    @Query("select r from Reply r where r.settingId = :setting"
            + " and (:everywhere = true or r.childId in (select c.id from Child c where c.roomId in :rooms))"
            + " order by case when r.seenAt is null then 0 else 1 end, r.sentAt desc")
    List<Reply> newest(SettingId setting, boolean everywhere, Collection<UUID> rooms, Limit limit);

    List<Reply> findBySettingIdAndJournalIdOrderBySentAtDesc(SettingId settingId, UUID journalId, Limit limit);
}
