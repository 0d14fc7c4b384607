package app.carder.web.rights;

import app.carder.core.privacy.PrivacyDraft;
import app.carder.core.privacy.PrivacyFacts;
import app.carder.core.privacy.PrivacyFacts.Fact;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.SecondStepService;
import app.carder.web.operate.BackupRuns;
import app.carder.web.outbox.OutboxService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.setting.SettingView;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a setting really does with data about people, for drafts about it. */
@Service
public class PrivacyService {

    private final NamedParameterJdbcTemplate database;
    private final SettingService settings;
    private final RetentionService retention;
    private final RoomBorder border;
    private final SecondStepService secondStep;
    private final BackupRuns backups;
    private final OutboxService outbox;

    PrivacyService(
            NamedParameterJdbcTemplate database,
            SettingService settings,
            RetentionService retention,
            RoomBorder border,
            SecondStepService secondStep,
            BackupRuns backups,
            OutboxService outbox) {
        this.database = database;
        this.settings = settings;
        this.retention = retention;
        this.border = border;
        this.secondStep = secondStep;
        this.backups = backups;
        this.outbox = outbox;
    }

    /** A privacy notice. */
    @Transactional(readOnly = true)
    PrivacyDraft notice(SettingId settingId) {
        return PrivacyDraft.notice(facts(settingId));
    }

    /** An impact assessment. */
    @Transactional(readOnly = true)
    PrivacyDraft impact(SettingId settingId) {
        return PrivacyDraft.impact(facts(settingId));
    }

    private PrivacyFacts facts(SettingId settingId) {
        SettingView setting = settings.get(settingId);
        Set<Fact> does = EnumSet.noneOf(Fact.class);
        keep(does, Fact.PHOTOS, exists(settingId, "photo"));
        keep(does, Fact.WATCHED, exists(settingId, "watch_entry"));
        keep(does, Fact.DEVICES, exists(settingId, "device"));
        keep(does, Fact.FAMILIES_READ, exists(settingId, "invitation"));
        keep(does, Fact.MAIL, outbox.hasServer());
        keep(does, Fact.ROOMS_OPEN, border.isOpen(settingId));
        keep(does, Fact.SECOND_STEP, secondStep.asks(settingId));
        keep(does, Fact.BACKED_UP, !backups.state(settingId).isOld());
        return new PrivacyFacts(setting.name(), setting.premises().country(), does, retention.of(settingId));
    }

    private static void keep(Set<Fact> does, Fact fact, boolean is) {
        if (is) {
            does.add(fact);
        }
    }

    private boolean exists(SettingId settingId, String table) {
        return Boolean.TRUE.equals(database.queryForObject(
                "select exists (select 1 from %s where setting_id = :setting)".formatted(table),
                Map.of("setting", settingId.value()),
                Boolean.class));
    }
}
