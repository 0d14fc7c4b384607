package app.carder.web.family;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that the child of its journal is in today. */
@Component
class InvitationRooms extends RoomsByQuery {

    InvitationRooms(NamedParameterJdbcTemplate database) {
        super(
                "invitationId",
                "select c.room_id from invitation i join journal j on j.id = i.journal_id join child c on c.id = j.child_id"
                        + " where i.id = :id and i.setting_id = :setting",
                database);
    }
}
