package app.carder.web.room;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Sunniva works in the Nook, Hamish in Loft and Nook. */
class RoomBorderTest extends WebTest {

    @AfterEach
    void putBordersBack() {
        database.update("delete from room_visit");
        database.update("delete from room_policy");
    }

    @Test
    void whoeverIsNeededInAnotherRoomSaysWhyAndTheManagerReadsIt() {
        UUID loft = room("Loft");
        UUID anouk = child("Anouk");
        Answer refused = get("sunniva", "/children/" + anouk);
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.page().select("h1").text()).isEqualTo("You do not work in Loft");
        assertThat(refused.text()).doesNotContain("Anouk");

        assertThat(visit(loft, "hm").status()).isEqualTo(422);
        assertThat(visit(loft, "Hamish went home ill").location()).isEqualTo("/?room=" + loft);

        assertThat(get("sunniva", "/children/" + anouk).status()).isEqualTo(200);
        assertThat(get("imelda", "/security-log").text()).contains("Loft: Hamish went home ill");
        clock.advance(Duration.ofHours(13));
        assertThat(get("sunniva", "/children/" + anouk).status()).isEqualTo(403);
    }

    @Test
    void nobodyGetsIntoARoomOfAnotherSettingWithAReason() {
        UUID pier =
                id("select r.id from room r join setting s on s.id = r.setting_id where s.name not like 'Quillmere%'");

        assertThat(post("sunniva", "/rooms/" + pier + "/visits", "reason", "covering until noon")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aSettingMayDoWithoutBorders() {
        UUID anouk = child("Anouk");

        post("imelda", "/staff/rooms", "open", "on");
        assertThat(get("sunniva", "/children/" + anouk).status()).isEqualTo(200);

        post("imelda", "/staff/rooms");
        assertThat(get("sunniva", "/children/" + anouk).status()).isEqualTo(403);
    }

    @Test
    void aLinkThatAsksForARoomIsHeldToItsBorder() {
        UUID loft = room("Loft");

        assertThat(get("sunniva", "/?room=" + loft).status()).isEqualTo(403);
        assertThat(get("sunniva", bundle("sunniva", loft)).status()).isEqualTo(403);
        assertThat(get("imelda", "/?room=" + loft).status()).isEqualTo(200);
    }

    @Test
    void whoeverWorksInTwoRoomsOpensBothAndTheAppInTheHandOffersThoseOnly() {
        assertThat(get("hamish", "/rooms/" + room("Nook") + "/children").status())
                .isEqualTo(200);
        assertThat(get("hamish", "/rooms/" + room("Burrow") + "/children").status())
                .isEqualTo(403);
        assertThat(get("hamish", bundle("hamish")).text())
                .contains("{\"id\":\"%s\",\"name\":\"Nook\"}".formatted(room("Nook")))
                .doesNotContain(room("Burrow").toString());
    }

    @Test
    void listsOfTheWholeSettingShowTheRoomsThatOneWorksIn() {
        String loft = get("hamish", "/journals").page().select("main").text();
        String nook = get("sunniva", "/journals").page().select("main").text();

        assertThat(loft).contains("Anouk");
        assertThat(nook).doesNotContain("Anouk");
        assertThat(get("sunniva", "/journals/new").page().select("option").eachText())
                .isNotEmpty()
                .noneMatch(name -> name.contains("Anouk"));
        assertThat(post("sunniva", "/journals", "child", child("Anouk").toString())
                        .text())
                .doesNotContain("Anouk");
    }

    @Test
    void whatWasSeenGoesWithAChildWhoMovesUp() {
        UUID seen = id(
                "select o.id from observation o join observation_child oc on oc.observation_id = o.id join child c on c.id = oc.child_id"
                        + " where c.given_name = 'Anouk' order by o.id limit 1");
        assertThat(get("sunniva", "/observations/" + seen).status()).isEqualTo(403);

        database.update("update observation set room_id = ? where id = ?", room("Nook"), seen);
        try {
            assertThat(get("sunniva", "/observations/" + seen).status()).isEqualTo(200);
            assertThat(get("hamish", "/observations/" + seen).status()).isEqualTo(200);
            assertThat(get("ravi", "/observations/" + seen).status()).isEqualTo(403);
        } finally {
            database.update("update observation set room_id = ? where id = ?", room("Loft"), seen);
        }
    }

    private Answer visit(UUID room, String reason) {
        return post("sunniva", "/rooms/" + room + "/visits", "reason", reason);
    }
}
