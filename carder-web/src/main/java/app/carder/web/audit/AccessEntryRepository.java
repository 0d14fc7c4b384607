package app.carder.web.audit;

import app.carder.web.setting.SettingId;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.repository.Repository;

interface AccessEntryRepository extends Repository<AccessEntry, UUID> {

    void save(AccessEntry entry);

    Slice<AccessEntry> findBySettingIdOrderByAtDescIdDesc(SettingId settingId, Pageable page);
}
