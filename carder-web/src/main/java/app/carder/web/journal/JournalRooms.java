package app.carder.web.journal;

import app.carder.web.account.RoomsByQuery;
import app.carder.web.setting.SettingService;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that its child is in today. */
@Component
class JournalRooms extends RoomsByQuery {

    JournalRooms(NamedParameterJdbcTemplate database, SettingService settings) {
        super(
                "journalId",
                "select c.room_id from journal j join child c on c.id = j.child_id"
                        + " where j.id = :id and j.setting_id = :setting",
                database,
                new OfChildren(
                        "select c.ends_on from journal j join child c on c.id = j.child_id"
                                + " where j.id = :id and j.setting_id = :setting",
                        settings));
    }
}
