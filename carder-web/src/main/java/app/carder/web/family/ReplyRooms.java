package app.carder.web.family;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that the child of a reply is in today. */
@Component
class ReplyRooms extends RoomsByQuery {

    ReplyRooms(NamedParameterJdbcTemplate database) {
        super(
                "replyId",
                "select c.room_id from reply r join child c on c.id = r.child_id where r.id = :id and r.setting_id = :setting",
                database);
    }
}
