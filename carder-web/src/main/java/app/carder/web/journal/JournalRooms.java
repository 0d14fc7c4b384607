package app.carder.web.journal;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that its child is in today. */
@Component
class JournalRooms extends RoomsByQuery {

    JournalRooms(NamedParameterJdbcTemplate database) {
        super(
                "journalId",
                "select c.room_id from journal j join child c on c.id = j.child_id"
                        + " where j.id = :id and j.setting_id = :setting",
                database);
    }
}
