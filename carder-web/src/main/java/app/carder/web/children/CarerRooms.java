package app.carder.web.children;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that the carer's child is in today. */
@Component
class CarerRooms extends RoomsByQuery {

    CarerRooms(NamedParameterJdbcTemplate database) {
        super(
                "carerId",
                "select c.room_id from carer p join child c on c.id = p.child_id where p.id = :id and p.setting_id = :setting",
                database);
    }
}
