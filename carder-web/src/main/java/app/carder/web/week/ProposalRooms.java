package app.carder.web.week;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room whose week was proposed. */
@Component
class ProposalRooms extends RoomsByQuery {

    ProposalRooms(NamedParameterJdbcTemplate database) {
        super("proposalId", "select room_id from week_proposal where id = :id and setting_id = :setting", database);
    }
}
