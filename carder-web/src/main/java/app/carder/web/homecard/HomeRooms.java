package app.carder.web.homecard;

import app.carder.web.account.RoomsByQuery;
import app.carder.web.setting.SettingService;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** The room that the child of a card that went home, or of what came back on it, is in today. */
final class HomeRooms {

    private HomeRooms() {}

    /** Of a card. */
    @Component
    static class OfCards extends RoomsByQuery {
        OfCards(NamedParameterJdbcTemplate database, SettingService settings) {
            super(
                    "homeCardId",
                    "select c.room_id from home_card h join child c on c.id = h.child_id where h.id = :id and h.setting_id = :setting",
                    database,
                    new OfChildren(
                            "select c.ends_on from home_card h join child c on c.id = h.child_id where h.id = :id and h.setting_id = :setting",
                            settings));
        }
    }

    /** Of what came back. */
    @Component
    static class OfAnswers extends RoomsByQuery {
        OfAnswers(NamedParameterJdbcTemplate database, SettingService settings) {
            super(
                    "answerId",
                    "select c.room_id from home_answer a join child c on c.id = a.child_id where a.id = :id and a.setting_id = :setting",
                    database,
                    new OfChildren(
                            "select c.ends_on from home_answer a join child c on c.id = a.child_id where a.id = :id and a.setting_id = :setting",
                            settings));
        }
    }
}
