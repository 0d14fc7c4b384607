package app.carder.web.watch;

import app.carder.web.account.RoomsByQuery;
import app.carder.web.setting.SettingService;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room where it was seen, and those that the children are in today: what was seen goes with a child who moves up. */
@Component
class ObservationRooms extends RoomsByQuery {

    ObservationRooms(NamedParameterJdbcTemplate database, SettingService settings) {
        super(
                "observationId",
                "select o.room_id from observation o where o.id = :id and o.setting_id = :setting"
                        + " union select c.room_id from observation_child oc join child c on c.id = oc.child_id"
                        + " where oc.observation_id = :id and oc.setting_id = :setting",
                database,
                new OfChildren(
                        "select c.ends_on from observation_child oc join child c on c.id = oc.child_id"
                                + " where oc.observation_id = :id and oc.setting_id = :setting",
                        settings));
    }
}
