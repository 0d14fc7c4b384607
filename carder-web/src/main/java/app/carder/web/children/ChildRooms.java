package app.carder.web.children;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that a child is in today. */
@Component
class ChildRooms extends RoomsByQuery {

    ChildRooms(NamedParameterJdbcTemplate database) {
        super("childId", "select room_id from child where id = :id and setting_id = :setting", database);
    }
}
