package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface AccountRepository extends Repository<Account, UUID> {

    void save(Account account);

    List<Account> findBySettingIdAndRoleNotOrderByDisplayName(SettingId settingId, Role role, Limit limit);

    /** The only look-up without a setting: whoever signs in has none yet. */
    Optional<Account> findByUsername(String username);
}
