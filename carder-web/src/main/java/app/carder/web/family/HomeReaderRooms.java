package app.carder.web.family;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that the carer's child is in today. */
@Component
class HomeReaderRooms extends RoomsByQuery {

    HomeReaderRooms(NamedParameterJdbcTemplate database) {
        super(
                "readerId",
                "select c.room_id from home_reader r join carer p on p.id = r.carer_id join child c on c.id = p.child_id"
                        + " where r.id = :id and r.setting_id = :setting",
                database);
    }
}
