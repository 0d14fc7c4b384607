package app.carder.web.rota;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room whose leads it is about. */
@Component
class LeadRotaRooms extends RoomsByQuery {

    LeadRotaRooms(NamedParameterJdbcTemplate database) {
        super("rotaId", "select room_id from lead_rota where id = :id and setting_id = :setting", database);
    }
}
