package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.repository.Repository;

interface SecurityEntryRepository extends Repository<SecurityEntry, UUID> {

    void save(SecurityEntry entry);

    Slice<SecurityEntry> findBySettingIdOrderByAtDescIdDesc(SettingId settingId, Pageable page);
}
