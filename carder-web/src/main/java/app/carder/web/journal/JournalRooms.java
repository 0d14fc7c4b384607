package app.carder.web.journal;

import app.carder.web.account.RoomsByQuery;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that its child is in today. */
@Component
class JournalRooms extends RoomsByQuery {

    private final NamedParameterJdbcTemplate database;
    private final SettingService settings;

    JournalRooms(NamedParameterJdbcTemplate database, SettingService settings) {
        super(
                "journalId",
                "select c.room_id from journal j join child c on c.id = j.child_id"
                        + " where j.id = :id and j.setting_id = :setting",
                database);
        this.database = database;
        this.settings = settings;
    }

    /** Once its child has left. */
    @Override
    public boolean isSetAside(SettingId settingId, UUID recordId) {
        return !database.queryForList(
                        "select c.id from journal j join child c on c.id = j.child_id"
                                + " where j.id = :id and j.setting_id = :setting and c.ends_on < :today",
                        Map.of("id", recordId, "setting", settingId.value(), "today", settings.today(settingId)),
                        UUID.class)
                .isEmpty();
    }
}
