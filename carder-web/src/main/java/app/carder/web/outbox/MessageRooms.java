package app.carder.web.outbox;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that a message is about. */
@Component
class MessageRooms extends RoomsByQuery {

    MessageRooms(NamedParameterJdbcTemplate database) {
        super(
                "messageId",
                "select room_id from message where id = :id and setting_id = :setting and room_id is not null",
                database);
    }
}
