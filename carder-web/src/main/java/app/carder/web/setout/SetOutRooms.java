package app.carder.web.setout;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room in which a card is out. */
@Component
class SetOutRooms extends RoomsByQuery {

    SetOutRooms(NamedParameterJdbcTemplate database) {
        super("setOutId", "select room_id from set_out where id = :id and setting_id = :setting", database);
    }
}
