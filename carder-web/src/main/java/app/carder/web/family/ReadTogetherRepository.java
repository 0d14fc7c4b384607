package app.carder.web.family;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

interface ReadTogetherRepository extends Repository<ReadTogether, UUID> {

    void save(ReadTogether one);

    List<ReadTogether> findBySettingIdAndJournalIdOrderByOnDayDescNotedAtDesc(
            SettingId settingId, UUID journalId, Limit limit);
}
