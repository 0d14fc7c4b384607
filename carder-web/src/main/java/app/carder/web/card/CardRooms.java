package app.carder.web.card;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room whose card it is. */
@Component
class CardRooms extends RoomsByQuery {

    CardRooms(NamedParameterJdbcTemplate database) {
        super("cardId", "select room_id from card where id = :id and setting_id = :setting", database);
    }
}
