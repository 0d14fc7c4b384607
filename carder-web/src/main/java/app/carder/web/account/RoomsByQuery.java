package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;

/** Rooms of a record, read off its table with {@code :id} and {@code :setting}. */
public abstract class RoomsByQuery implements RecordRooms {

    private final String variable;
    private final String sql;
    private final NamedParameterJdbcTemplate database;

    /** For one path variable. */
    protected RoomsByQuery(String variable, String sql, NamedParameterJdbcTemplate database) {
        this.variable = variable;
        this.sql = sql;
        this.database = database;
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
}
