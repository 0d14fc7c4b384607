package app.carder.web.account;

import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;

/**
 * Rooms of a record, read off its table with {@code :id} and {@code :setting}; where it is about children, also those who have left, by
 * {@code :today}.
 */
public abstract class RoomsByQuery implements RecordRooms {

    private final String variable;
    private final String sql;
    private final NamedParameterJdbcTemplate database;
    private final @Nullable OfChildren children;

    /**
     * How a record is set aside: once every child that it is about has left.
     *
     * @param sql of the last day of each of its children, null for one who stays, as {@code ends_on}
     * @param settings know what day it is
     */
    public record OfChildren(String sql, SettingService settings) {}

    /** For one path variable, of records that are not about children. */
    protected RoomsByQuery(String variable, String sql, NamedParameterJdbcTemplate database) {
        this(variable, sql, database, null);
    }

    /** For one path variable. */
    protected RoomsByQuery(
            String variable, String sql, NamedParameterJdbcTemplate database, @Nullable OfChildren children) {
        this.variable = variable;
        this.sql = sql;
        this.database = database;
        this.children = children;
    }

    @Override
    public final String variable() {
        return variable;
    }

    @Override
    public final Set<UUID> of(SettingId settingId, UUID recordId) {
        return new HashSet<>(
                database.queryForList(sql, Map.of("id", recordId, "setting", settingId.value()), UUID.class));
    }

    @Override
    public final boolean isSetAside(SettingId settingId, UUID recordId) {
        return children != null
                && Boolean.TRUE.equals(database.queryForObject(
                        "select bool_and(coalesce(of_child.ends_on < :today, false)) from (%s) of_child"
                                .formatted(children.sql()),
                        Map.of(
                                "id",
                                recordId,
                                "setting",
                                settingId.value(),
                                "today",
                                children.settings().today(settingId)),
                        Boolean.class));
    }
}
