package app.carder.web.rota;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room whose rota it stands in. */
@Component
class LeadTurnRooms extends RoomsByQuery {

    LeadTurnRooms(NamedParameterJdbcTemplate database) {
        super(
                "turnId",
                "select r.room_id from lead_turn t join lead_rota r on r.id = t.rota_id"
                        + " where t.id = :id and t.setting_id = :setting",
                database);
    }
}
