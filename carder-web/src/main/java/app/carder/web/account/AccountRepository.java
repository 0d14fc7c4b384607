package app.carder.web.account;

import app.carder.web.setting.SettingId;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

interface AccountRepository extends Repository<Account, UUID> {

    void save(Account account);

    List<Account> findBySettingIdAndRoleNotOrderByDisplayName(SettingId settingId, Role role, Limit limit);

    Optional<Account> findByIdAndSettingId(UUID id, SettingId settingId);

    /** Locked, so that two who close each other's accounts cannot leave a setting without a manager. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    List<Account> findBySettingIdAndRoleOrderById(SettingId settingId, Role role);

    /** By the handle of a passkey. Without a setting, as below. */
    @EntityGraph(attributePaths = "rooms")
    Optional<Account> findById(UUID id);

    /** Without a setting: whoever signs in has none yet. */
    @EntityGraph(attributePaths = "rooms")
    Optional<Account> findByUsername(String username);

    List<Account> findBySettingIdAndDigestAddressNot(SettingId settingId, String none);
}
