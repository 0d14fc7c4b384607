package app.carder.web.media;

import app.carder.web.account.RoomsByQuery;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** As with the observation that it belongs to. */
@Component
class PhotoRooms extends RoomsByQuery {

    PhotoRooms(NamedParameterJdbcTemplate database) {
        super(
                "photoId",
                "select o.room_id from photo p join observation o on o.id = p.observation_id"
                        + " where p.id = :id and p.setting_id = :setting"
                        + " union select c.room_id from photo p join observation_child oc on oc.observation_id = p.observation_id"
                        + " join child c on c.id = oc.child_id where p.id = :id and p.setting_id = :setting",
                database);
    }
}
