package app.carder.web.children;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** For which families journals and cards rest: after a death, while they are away. */
@Service
public class PauseService {

    private final NamedParameterJdbcTemplate database;
    private final ChildService children;
    private final SettingService settings;

    PauseService(NamedParameterJdbcTemplate database, ChildService children, SettingService settings) {
        this.database = database;
        this.children = children;
        this.settings = settings;
    }

    /** Those that hold today, by child. */
    @Transactional(readOnly = true)
    public Map<UUID, Pause> of(SettingId settingId, Collection<UUID> childIds) {
        Map<UUID, Pause> found = new HashMap<>();
        if (!childIds.isEmpty()) {
            database.query(
                    "select child_id, until_day, reason, set_by from journal_pause where setting_id = :setting and child_id in (:children)"
                            + " and (until_day is null or until_day >= :today)",
                    Map.of("setting", settingId.value(), "children", childIds, "today", settings.today(settingId)),
                    row -> {
                        found.put(
                                row.getObject("child_id", UUID.class),
                                new Pause(
                                        Optional.ofNullable(row.getObject("until_day", LocalDate.class)),
                                        row.getString("reason"),
                                        row.getString("set_by")));
                    });
        }
        return found;
    }

    /** That of one child. */
    @Transactional(readOnly = true)
    public Optional<Pause> of(SettingId settingId, UUID childId) {
        return Optional.ofNullable(of(settingId, List.of(childId)).get(childId));
    }

    /** From today on, until a day or until somebody ends it. */
    @Transactional
    void begin(Viewer viewer, UUID childId, Optional<LocalDate> until, String reason) {
        ChildView child = children.get(viewer.settingId(), childId);
        Map<String, Object> given = new HashMap<>();
        given.put("id", Ids.next());
        given.put("child", child.id());
        given.put("setting", viewer.settingId().value());
        given.put("until", until.orElse(null));
        given.put("reason", reason);
        given.put("by", viewer.name());
        given.put("at", Timestamp.from(settings.now(viewer.settingId())));
        database.update(
                "insert into journal_pause (id, child_id, setting_id, until_day, reason, set_by, set_at) values (:id, :child, :setting, cast(:until as date), :reason, :by, :at)"
                        + " on conflict (child_id) do update set until_day = excluded.until_day, reason = excluded.reason, set_by = excluded.set_by, set_at = excluded.set_at",
                given);
    }

    /** It is over. */
    @Transactional
    void end(SettingId settingId, UUID childId) {
        children.get(settingId, childId);
        database.update(
                "delete from journal_pause where child_id = :child and setting_id = :setting",
                Map.of("child", childId, "setting", settingId.value()));
    }
}
