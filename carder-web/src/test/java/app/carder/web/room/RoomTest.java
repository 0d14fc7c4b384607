package app.carder.web.room;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import org.junit.jupiter.api.Test;

class RoomTest extends WebTest {

    @Test
    void addsARoomWithItsZonesAndRefusesASecondOfTheSameName() {
        post(
                "tobias",
                "/rooms",
                "roomName",
                "Attic",
                "zones",
                "Floor, , Floor, Window",
                "framework",
                "sme",
                "style",
                "HOME_MIXED_AGE");

        assertThat(database.queryForList(
                        "select z.name from zone z join room r on r.id = z.room_id where r.name = 'Attic' order by z.position",
                        String.class))
                .containsExactly("Floor", "Window");
        assertThat(database.queryForObject("select practice_style from room where name = 'Attic'", String.class))
                .isEqualTo("HOME_MIXED_AGE");
        Answer again = post("tobias", "/rooms", "roomName", "attic", "framework", "sme");
        assertThat(again.text()).contains("Choose a practice style");
        assertThat(again.page().select("#fault-roomName").text())
                .contains("There is already a room called \u201cattic\u201d");
    }

    @Test
    void letsARoomChooseItsFrameworkAndShowsItsAreasOnTheEdge() {
        post("tobias", "/rooms", "roomName", "Cellar", "framework", "sme", "style", "THEMED_CENTRES");
        String cellar = room("Cellar").toString();
        assertThat(get("tobias", "/rooms/" + cellar + "/cards/new")
                        .page()
                        .select(".edge")
                        .first()
                        .children())
                .hasSize(8);

        post(
                "tobias",
                "/rooms/" + cellar + "/framework",
                "framework",
                "eyfs",
                "style",
                "FREE_FLOW",
                "language",
                "english");

        assertThat(get("tobias", "/rooms/" + cellar + "/cards/new").text()).contains("Expressive Arts and Design");
        assertThat(post(
                                "tobias",
                                "/rooms/" + cellar + "/framework",
                                "framework",
                                "none",
                                "style",
                                "FREE_FLOW",
                                "language",
                                "english")
                        .status())
                .isEqualTo(404);
    }
}
