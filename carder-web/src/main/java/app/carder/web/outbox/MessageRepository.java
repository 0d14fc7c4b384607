package app.carder.web.outbox;

import app.carder.core.sending.Standing;
import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface MessageRepository extends Repository<Message, UUID> {

    void save(Message message);

    Slice<Message> findBySettingIdAndRoomIdInOrderByWrittenAtDescIdDesc(
            SettingId settingId, Collection<UUID> rooms, Pageable page);

    Slice<Message> findBySettingIdOrderByWrittenAtDescIdDesc(SettingId settingId, Pageable page);

    Optional<Message> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Message> findBySettingIdAndStandingAndToAddressIn(
            SettingId settingId, Standing standing, Collection<String> addresses);

    int countBySettingIdAndStandingIn(SettingId settingId, Collection<Standing> standings);

    int countBySettingIdAndStandingInAndRoomIdIn(
            SettingId settingId, Collection<Standing> standings, Collection<UUID> rooms);

    /** The one that has waited longest, of all settings, held until the transaction ends; none that another node has in hand. */
    @Query(
            nativeQuery = true,
            value =
                    "select * from message where standing = 'WAITING' and next_try_at <= :now order by next_try_at limit 1 for update skip locked")
    Optional<Message> nextDue(Instant now);

    /** A message that came back, by its id alone: the mail that says so knows no setting. */
    Optional<Message> findById(UUID id);
}
