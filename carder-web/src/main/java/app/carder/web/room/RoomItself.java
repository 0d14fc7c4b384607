package app.carder.web.room;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** A room is its own. */
@Component
class RoomItself extends RoomsByQuery {

    RoomItself(NamedParameterJdbcTemplate database) {
        super("roomId", "select id from room where id = :id and setting_id = :setting", database);
    }
}
