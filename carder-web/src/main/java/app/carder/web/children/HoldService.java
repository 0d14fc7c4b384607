package app.carder.web.children;

import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stops the records of a child from being erased or used, who put it there and why, and who took it away. */
@Service
public class HoldService {

    private final NamedParameterJdbcTemplate database;
    private final ChildService children;
    private final SettingService settings;

    HoldService(NamedParameterJdbcTemplate database, ChildService children, SettingService settings) {
        this.database = database;
        this.children = children;
        this.settings = settings;
    }

    /** What for. */
    public enum Kind {
        /** A claim, a complaint or an inquiry is going on: nothing is erased until it is over. */
        LEGAL,
        /** The family asked that the records are kept but not used: no journal is made or sent. UK GDPR, Art. 18, from memory. */
        RESTRICTED
    }

    /**
     * One hold.
     *
     * @param id of it
     * @param childId of whose records
     * @param kind what for
     * @param reason in words
     * @param begunAt since when, in the setting's time
     * @param begunBy who put it there
     * @param endedAt when it was taken away; absent while it lasts
     * @param endedBy who took it away; empty while it lasts
     */
    public record Hold(
            UUID id,
            UUID childId,
            Kind kind,
            String reason,
            LocalDateTime begunAt,
            String begunBy,
            Optional<LocalDateTime> endedAt,
            String endedBy) {

        /** Whether it still lasts. */
        public boolean isOn() {
            return endedAt.isEmpty();
        }
    }

    /** All of a child, the latest first. */
    @Transactional(readOnly = true)
    public List<Hold> of(SettingId settingId, UUID childId) {
        return found(settingId, " and h.child_id = :child", Map.of("child", childId));
    }

    /** Those that last, by child. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Hold>> lasting(SettingId settingId, Collection<UUID> childIds) {
        return childIds.isEmpty()
                ? Map.of()
                : found(
                                settingId,
                                " and h.ended_at is null and h.child_id in (:children)",
                                Map.of("children", childIds))
                        .stream()
                        .collect(Collectors.groupingBy(Hold::childId));
    }

    /** Whether the records of a child are kept but not used. */
    @Transactional(readOnly = true)
    public boolean isRestricted(SettingId settingId, UUID childId) {
        return lasting(settingId, List.of(childId)).getOrDefault(childId, List.of()).stream()
                .anyMatch(hold -> hold.kind() == Kind.RESTRICTED);
    }

    private List<Hold> found(SettingId settingId, String which, Map<String, ?> given) {
        Map<String, Object> all = new HashMap<>(given);
        all.put("setting", settingId.value());
        return database.query(
                "select h.* from hold h where h.setting_id = :setting" + which + " order by h.begun_at desc limit 500",
                all,
                (row, number) -> hold(settingId, row));
    }

    private Hold hold(SettingId settingId, ResultSet row) throws SQLException {
        return new Hold(
                row.getObject("id", UUID.class),
                row.getObject("child_id", UUID.class),
                Kind.valueOf(row.getString("kind")),
                row.getString("reason"),
                settings.local(settingId, row.getTimestamp("begun_at").toInstant()),
                row.getString("begun_by"),
                Optional.ofNullable(row.getTimestamp("ended_at")).map(at -> settings.local(settingId, at.toInstant())),
                Optional.ofNullable(row.getString("ended_by")).orElse(""));
    }

    /**
     * Puts one there.
     *
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public void begin(Viewer viewer, UUID childId, Kind kind, String reason) {
        children.get(viewer.settingId(), childId);
        database.update(
                "insert into hold (id, setting_id, child_id, kind, reason, begun_at, begun_by)"
                        + " values (:id, :setting, :child, :kind, :reason, :at, :by)",
                Map.of(
                        "id",
                        Ids.next(),
                        "setting",
                        viewer.settingId().value(),
                        "child",
                        childId,
                        "kind",
                        kind.name(),
                        "reason",
                        reason,
                        "at",
                        Timestamp.from(settings.now(viewer.settingId())),
                        "by",
                        viewer.name()));
    }

    /**
     * Takes one away.
     *
     * @throws NotFound if the child has no such one that lasts
     */
    @Transactional
    public void end(Viewer viewer, UUID childId, UUID holdId) {
        int ended = database.update(
                "update hold set ended_at = :at, ended_by = :by"
                        + " where id = :id and child_id = :child and setting_id = :setting and ended_at is null",
                Map.of(
                        "id",
                        holdId,
                        "child",
                        childId,
                        "setting",
                        viewer.settingId().value(),
                        "at",
                        Timestamp.from(settings.now(viewer.settingId())),
                        "by",
                        viewer.name()));
        if (ended == 0) {
            throw new NotFound();
        }
    }
}
