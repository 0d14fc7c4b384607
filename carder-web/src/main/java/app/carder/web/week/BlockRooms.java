package app.carder.web.week;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room whose week it stands in. */
@Component
class BlockRooms extends RoomsByQuery {

    BlockRooms(NamedParameterJdbcTemplate database) {
        super("blockId", "select room_id from planned_block where id = :id and setting_id = :setting", database);
    }
}
