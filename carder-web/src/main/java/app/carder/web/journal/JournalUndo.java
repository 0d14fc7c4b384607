package app.carder.web.journal;

import app.carder.web.account.Viewer;
import app.carder.web.undo.KeptWording;
import app.carder.web.undo.KeptWording.Said;
import app.carder.web.undo.UndoGuard;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Changes of a draft are taken back only while it is a draft: what a family was told stays. What its words were is kept, as after any other
 * change.
 */
@Configuration(proxyBeanMethods = false)
class JournalUndo {

    private final JournalRepository journals;
    private final JournalEntryRepository entries;

    JournalUndo(JournalRepository journals, JournalEntryRepository entries) {
        this.journals = journals;
        this.entries = entries;
    }

    @Bean
    UndoGuard journalIsADraft() {
        return draft("journal", this::journal);
    }

    @Bean
    UndoGuard entryIsOfADraft() {
        return draft("journal_entry", this::ofEntry);
    }

    @Bean
    KeptWording journalWording() {
        return wording(
                "journal",
                (viewer, id) -> journal(viewer, id).map(journal -> new Said("journal", id, journal.wording())));
    }

    @Bean
    KeptWording entryWording() {
        return wording(
                "journal_entry",
                (viewer, id) -> entries.findByIdAndSettingId(id, viewer.settingId())
                        .map(entry -> new Said("journal", entry.journalId(), Map.of("entry " + id, entry.words()))));
    }

    private Optional<Journal> journal(Viewer viewer, UUID id) {
        return journals.findByIdAndSettingId(id, viewer.settingId());
    }

    private Optional<Journal> ofEntry(Viewer viewer, UUID id) {
        return entries.findByIdAndSettingId(id, viewer.settingId())
                .flatMap(entry -> journal(viewer, entry.journalId()));
    }

    private static UndoGuard draft(String table, BiFunction<Viewer, UUID, Optional<Journal>> of) {
        return new UndoGuard() {
            @Override
            public String table() {
                return table;
            }

            @Override
            public Optional<String> against(Viewer viewer, UUID rowId) {
                return of.apply(viewer, rowId).filter(Journal::isApproved).map(journal -> "undo.held.approved");
            }
        };
    }

    private static KeptWording wording(String table, BiFunction<Viewer, UUID, Optional<Said>> of) {
        return new KeptWording() {
            @Override
            public String table() {
                return table;
            }

            @Override
            public Optional<Said> said(Viewer viewer, UUID rowId) {
                return of.apply(viewer, rowId);
            }
        };
    }
}
