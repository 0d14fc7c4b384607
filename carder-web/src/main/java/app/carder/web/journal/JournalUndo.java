package app.carder.web.journal;

import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.undo.KeptWording;
import app.carder.web.undo.UndoGuard;
import jakarta.persistence.EntityManager;
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
    private final HistoryLog history;
    private final EntityManager entities;

    JournalUndo(
            JournalRepository journals, JournalEntryRepository entries, HistoryLog history, EntityManager entities) {
        this.journals = journals;
        this.entries = entries;
        this.history = history;
        this.entities = entities;
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
                (viewer, id) -> journal(viewer, id)
                        .map(journal ->
                                new Worded(id, Map.of("greeting", journal.greeting(), "at home", journal.atHome()))));
    }

    @Bean
    KeptWording entryWording() {
        return wording(
                "journal_entry",
                (viewer, id) -> entries.findByIdAndSettingId(id, viewer.settingId())
                        .map(entry -> new Worded(entry.journalId(), Map.of("entry " + id, entry.words()))));
    }

    /** What a part of a journal says. */
    private record Worded(UUID journalId, Map<String, String> words) {}

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

    private KeptWording wording(String table, BiFunction<Viewer, UUID, Optional<Worded>> of) {
        return new KeptWording() {
            @Override
            public String table() {
                return table;
            }

            @Override
            public Runnable before(Viewer viewer, UUID rowId) {
                Optional<Worded> before = of.apply(viewer, rowId);
                return () -> {
                    // The row was written beside what Hibernate holds of it.
                    entities.clear();
                    before.ifPresent(was -> history.keep(
                            viewer,
                            "journal",
                            was.journalId(),
                            was.words(),
                            of.apply(viewer, rowId).map(Worded::words).orElse(Map.of())));
                };
            }
        };
    }
}
