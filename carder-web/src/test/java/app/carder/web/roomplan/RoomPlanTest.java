package app.carder.web.roomplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.core.room.RoomPlan;
import app.carder.exchange.plan.PlanSvg;
import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class RoomPlanTest extends WebTest {

    private String url(String room) {
        return "/rooms/" + room(room) + "/plan";
    }

    private Answer sendPlan(String username, String path, String svg) {
        return send(
                username,
                MockMvcRequestBuilders.post(path)
                        .with(csrf())
                        .contentType("image/svg+xml")
                        .content(svg));
    }

    private RoomPlan exported(String room, String place) {
        return PlanSvg.read(get("imelda", "/rooms/" + room(room) + "/plan.svg?place=" + place)
                .text());
    }

    private int edition(String room, String place) {
        List<Integer> editions = database.queryForList(
                "select edition from room_plan where room_id = ? and place = ?", Integer.class, room(room), place);
        return editions.isEmpty() ? 0 : editions.get(0);
    }

    @Test
    void showsThePlanWithWhatAdultsSeeAndHowManyEachZoneTakes() {
        Document page = get("tobias", url("Loft")).page();

        assertThat(page.select("svg.plan [data-carder=zone]")).hasSize(4);
        assertThat(page.select(".sight tbody tr"))
                .hasSize(4)
                .allSatisfy(row -> assertThat(row.select("td").text()).matches("\\d+ % \\d+ % \\d+"));
        assertThat(page.text()).contains("of floor count; the 12 children on the busiest day need");
    }

    @Test
    void aRoomThatNobodyHasDrawnBeginsWithItsZones() {
        Document page = get("teodor", url("Pier")).page();

        assertThat(page.text()).contains("Nobody has drawn it yet");
        assertThat(page.select("svg.plan [data-carder=zone]").eachAttr("data-name"))
                .isEqualTo(database.queryForList(
                        "select name from zone where room_id = ? and name not ilike '%garden%' order by position",
                        String.class, room("Pier")));
    }

    @Test
    void keepsAStrokeAndAnswersWithTheNextEdition() {
        RoomPlan plan = exported("Nook", "INDOORS");
        int edition = edition("Nook", "INDOORS");

        Answer answer = sendPlan("precious", url("Nook") + "?edition=" + edition, PlanSvg.write("x", plan));

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.page().select(".look").attr("data-edition")).isEqualTo(String.valueOf(edition + 1));
        assertThat(exported("Nook", "INDOORS")).isEqualTo(plan);
    }

    @Test
    void saysWhoWasFasterInsteadOfOverwriting() {
        RoomPlan plan = exported("Loft", "INDOORS");
        int edition = edition("Loft", "INDOORS");
        sendPlan("imelda", url("Loft") + "?edition=" + edition, PlanSvg.write("x", plan));

        Answer late = sendPlan("tobias", url("Loft") + "?edition=" + edition, PlanSvg.write("x", plan));

        assertThat(late.status()).isEqualTo(409);
        assertThat(late.page().select(".look").attr("data-theirs")).isEqualTo("Imelda Farrow");
        assertThat(late.page().select(".look").attr("data-edition")).isEqualTo(String.valueOf(edition + 1));
    }

    @Test
    void makesAndRenamesZonesAsThePlanSays() {
        String id = UUID.randomUUID().toString();
        String zone =
                "<g data-carder='zone' data-id='%s' data-name='%s' data-kind='QUIET' data-ground='CARPET' data-x='500' data-y='500' data-width='900' data-depth='900' data-turn='0'/>";
        String svg = "<svg data-carder='plan' data-version='1' data-place='OUTDOORS' data-path='900'>"
                + "<polygon data-carder='outline' points='0,0 4000,0 4000,3000 0,3000'/>%s</svg>";

        sendPlan(
                "teodor",
                url("Pier") + "?edition=" + edition("Pier", "OUTDOORS"),
                svg.formatted(zone.formatted(id, "Den under the bush")));
        sendPlan(
                "teodor",
                url("Pier") + "?edition=" + edition("Pier", "OUTDOORS"),
                svg.formatted(zone.formatted(id, "Den")));

        assertThat(database.queryForObject("select name from zone where id = ?::uuid", String.class, id))
                .isEqualTo("Den");
        Answer twice = sendPlan(
                "teodor",
                url("Pier") + "?edition=" + edition("Pier", "OUTDOORS"),
                svg.formatted(zone.formatted(UUID.randomUUID(), "Tray table")));
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.text()).contains("Each zone must have a name of its own, got Tray table twice.");
    }

    @Test
    void looksAtAPlanWithoutKeepingIt() {
        int edition = edition("Loft", "INDOORS");
        String svg = PlanSvg.write("x", exported("Loft", "INDOORS"))
                .replace("data-posture=\"STANDING\"", "data-posture=\"SEATED\"");

        Answer look = sendPlan("hamish", url("Loft") + "/look", svg);

        assertThat(look.status()).isEqualTo(200);
        assertThat(look.page().select(".look").attr("data-blind-floor")).startsWith("M");
        assertThat(edition("Loft", "INDOORS")).isEqualTo(edition);
    }

    @Test
    void proposesPlacesAndStatesTheBound() {
        String svg = PlanSvg.write("x", exported("Loft", "INDOORS"));

        Document page = sendPlan("tobias", url("Loft") + "/spots?adults=2&posture=STANDING&play=FLOOR", svg)
                .page();

        assertThat(page.select("[data-proposed]")).hasSize(2);
        assertThat(page.text()).contains("the method promises 75 % of the best");
        assertThat(sendPlan("tobias", url("Loft") + "/spots?adults=99&posture=STANDING&play=FLOOR", svg)
                        .status())
                .isEqualTo(422);
    }

    @Test
    void refusesInWordsWhatIsNoPlan() {
        Answer refused = sendPlan("tobias", url("Loft") + "?edition=1", "<svg/>");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.page().select("[data-refused]").text())
                .isEqualTo("This SVG is not a Carder plan: it has no measurements in it.");
    }

    @Test
    void takesAPlanFromAFileAndFindsItsZonesByName() {
        RoomPlan plan = exported("Burrow", "OUTDOORS");
        String foreign = PlanSvg.write("x", plan)
                .replaceAll("data-id=\"[0-9a-f-]{36}\"", "data-id=\"" + UUID.randomUUID() + "\"");
        int zones =
                database.queryForObject("select count(*) from zone where room_id = ?", Integer.class, room("Burrow"));

        Answer taken = send(
                "marguerite",
                MockMvcRequestBuilders.multipart(url("Burrow") + "/import")
                        .file(new MockMultipartFile(
                                "file", "plan.svg", "image/svg+xml", foreign.getBytes(StandardCharsets.UTF_8)))
                        .param("place", "OUTDOORS")
                        .with(csrf().asHeader()));

        assertThat(taken.location()).isEqualTo(url("Burrow") + "?place=OUTDOORS");
        assertThat(database.queryForObject(
                        "select count(*) from zone where room_id = ?", Integer.class, room("Burrow")))
                .isEqualTo(zones);
        assertThat(exported("Burrow", "OUTDOORS")).isEqualTo(plan);
        Answer none = send(
                "tobias",
                MockMvcRequestBuilders.multipart(url("Loft") + "/import")
                        .param("place", "INDOORS")
                        .with(csrf().asHeader()));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.page().select(".fault").text()).contains("Choose an SVG file");
    }

    @Test
    void printsThePlanForEveryone() {
        byte[] pdf =
                get("ravi", "/rooms/" + room("Burrow") + "/plan.pdf").response().getContentAsByteArray();

        Pdfs.assertAccessible(pdf);
        assertThat(Pdfs.text(pdf)).contains("Plan of Burrow", "Crawl space", "Children at once");
    }
}
