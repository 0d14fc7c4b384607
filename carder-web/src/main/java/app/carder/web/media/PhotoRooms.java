package app.carder.web.media;

import app.carder.web.account.RoomsByQuery;
import app.carder.web.setting.SettingService;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** As with what it shows: an observation, a reading or a card. Things of the cupboard are the whole setting's. */
@Component
class PhotoRooms extends RoomsByQuery {

    PhotoRooms(NamedParameterJdbcTemplate database, SettingService settings) {
        super(
                "photoId",
                "select o.room_id from photo p join observation o on o.id = p.observation_id"
                        + " where p.id = :id and p.setting_id = :setting"
                        + " union select c.room_id from photo p join observation_child oc on oc.observation_id = p.observation_id"
                        + " join child c on c.id = oc.child_id where p.id = :id and p.setting_id = :setting"
                        + " union select i.room_id from photo p join investigation_reading r on r.id = p.reading_id"
                        + " join investigation i on i.id = r.investigation_id where p.id = :id and p.setting_id = :setting"
                        + " union select c.room_id from photo p join card c on c.id = p.card_id"
                        + " where p.id = :id and p.setting_id = :setting",
                database,
                new OfChildren(
                        "select c.ends_on from photo p join observation_child oc on oc.observation_id = p.observation_id"
                                + " join child c on c.id = oc.child_id where p.id = :id and p.setting_id = :setting",
                        settings));
    }
}
