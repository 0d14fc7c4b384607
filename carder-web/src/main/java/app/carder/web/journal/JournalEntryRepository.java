package app.carder.web.journal;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface JournalEntryRepository extends Repository<JournalEntry, UUID> {

    void save(JournalEntry entry);

    void delete(JournalEntry entry);

    Optional<JournalEntry> findByIdAndSettingId(UUID id, SettingId settingId);

    List<JournalEntry> findBySettingIdAndJournalIdOrderByPosition(SettingId settingId, UUID journalId);

    List<JournalEntry> findBySettingIdAndJournalIdIn(SettingId settingId, Collection<UUID> journalIds);
}
