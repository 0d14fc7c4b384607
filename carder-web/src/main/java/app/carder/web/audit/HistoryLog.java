package app.carder.web.audit;

import app.carder.core.said.Catalogue;
import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a record of a child said before it was changed: who, when, which field, which words. */
@Service
public class HistoryLog {

    private static final Limit SHOWN = Limit.of(20);

    private final HistoryEntryRepository entries;
    private final List<FieldWords> fieldWords;
    private final SettingService settings;
    private final Clock clock;

    HistoryLog(HistoryEntryRepository entries, List<FieldWords> fieldWords, SettingService settings, Clock clock) {
        this.entries = entries;
        this.fieldWords = fieldWords;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * An earlier wording.
     *
     * @param at when it was changed, in the setting's zone
     * @param person who changed it
     * @param field which part
     * @param before what it said until then
     */
    public record Earlier(LocalDateTime at, String person, String field, String before) {}

    /** Keeps every field whose value differs. */
    @Transactional
    public void keep(
            Viewer viewer, String subjectKind, UUID subjectId, Map<String, String> before, Map<String, String> after) {
        new LinkedHashMap<>(before).forEach((field, value) -> {
            if (!value.equals(after.get(field))) {
                entries.save(new HistoryEntry(viewer, subjectKind, subjectId, field, value, clock.instant()));
            }
        });
    }

    /** The newest earlier wordings of a record. */
    @Transactional(readOnly = true)
    public List<Earlier> of(SettingId settingId, UUID subjectId) {
        return entries.findBySettingIdAndSubjectIdOrderByAtDescIdDesc(settingId, subjectId, SHOWN).stream()
                .map(entry -> new Earlier(
                        settings.local(settingId, entry.at()),
                        entry.personName(),
                        named(entry.field()),
                        said(settingId, entry)))
                .toList();
    }

    private String said(SettingId settingId, HistoryEntry entry) {
        return fieldWords.stream()
                .flatMap(words -> words.words(settingId, entry.field(), entry.before()).stream())
                .findFirst()
                .orElse(entry.before());
    }

    /** A part of a record by its name; one that is no part any more as it was called. */
    private static String named(String field) {
        String code = "history." + field.replace(' ', '-');
        return Catalogue.spoken().codes().contains(code) ? Said.say(code) : field;
    }
}
