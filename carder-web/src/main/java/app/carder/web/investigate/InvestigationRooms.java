package app.carder.web.investigate;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that looks into it. */
@Component
class InvestigationRooms extends RoomsByQuery {

    InvestigationRooms(NamedParameterJdbcTemplate database) {
        super(
                "investigationId",
                "select room_id from investigation where id = :id and setting_id = :setting",
                database);
    }
}
