package app.carder.web.audit;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface HistoryEntryRepository extends Repository<HistoryEntry, UUID> {

    void save(HistoryEntry entry);

    List<HistoryEntry> findBySettingIdAndSubjectIdOrderByAtDescIdDesc(SettingId settingId, UUID subjectId, Limit limit);
}
