package app.carder.web.family;

import app.carder.web.setting.SettingId;
import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

interface InvitationRepository extends Repository<Invitation, UUID> {

    void save(Invitation invitation);

    Optional<Invitation> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Invitation> findBySettingIdAndJournalIdOrderBySentAtDesc(SettingId settingId, UUID journalId, Limit limit);

    List<Invitation> findBySettingIdAndCarerIdInOrderBySentAtDesc(
            SettingId settingId, Collection<UUID> carerIds, Limit limit);

    /** The only look-up without a setting: whoever holds a link has none yet. */
    Optional<Invitation> findByTokenHash(String tokenHash);

    /** The same while a code is tried, so that tries at once are all counted. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Invitation> readByTokenHash(String tokenHash);
}
