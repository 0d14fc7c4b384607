package app.carder.web.lists;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Pdfs;
import app.carder.web.kit.SettableClock;
import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class ListsTest extends WebTest {

    /** Mondays far from the demo's weeks: each test takes another one. */
    private static final LocalDate OCTOBER = LocalDate.of(2026, 10, 5);

    private void at(String instant) {
        clock.advance(Duration.between(SettableClock.MIDDLE_OF_PLAY, Instant.parse(instant)));
    }

    private String list(String kind) {
        return "/rooms/" + room("Loft") + "/lists/" + kind;
    }

    private Document open(String kind, LocalDate of) {
        return get("tobias", list(kind) + "?of=" + of).page();
    }

    /** Plans a card for a zone in the first session of play, or in a later one. */
    private void plan(LocalDate day, int session, String zone, UUID card) {
        UUID in = id(
                "select id from (select id, row_number() over (order by starts_at) n from room_session where room_id = ? and kind ="
                        + " 'PROTECTED_PLAY') s where n = " + (session + 1),
                room("Loft"));
        UUID where = id("select id from zone where room_id = ? and name = ?", room("Loft"), zone);
        Answer answer = post(
                "tobias",
                "/rooms/" + room("Loft") + "/week/blocks",
                "at",
                String.join("_", day.toString(), in.toString(), where.toString(), "0"),
                "card",
                card.toString());
        assertThat(answer.status()).isEqualTo(302);
    }

    private void plan(LocalDate day, int session, String zone, String title) {
        plan(day, session, zone, card(title));
    }

    private static Element line(Document page, String what) {
        return page.select(".tick-line").stream()
                .filter(line -> line.select("strong").text().equals(what))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        "No line \"" + what + "\" in " + page.select("main").text()));
    }

    /** Needed on Thursday at nine, 25 min to cook and two hours to cool: at the latest on Wednesday evening, 17:20 of 17:45. */
    @Test
    void tellsWhatHasToBeBegunThisEveningAndWhatTomorrow() {
        at("2026-10-07T13:00:00Z");
        plan(OCTOBER.plusDays(3), 0, "Tray table", "Stamp dough");

        Document page = get("tobias", list("preparation")).page();

        assertThat(page.select("main section h2").eachText())
                .containsExactly("Today, Wednesday 7 October", "Thursday 8 October");
        assertThat(line(page, "Cook the dough").text())
                .contains("by 17:20, 25 min", "Stamp dough, ready Thu 8 Oct, 09:00");
        assertThat(line(page, "Knead and share out").text()).contains("by 08:50, 10 min");
        assertThat(page.select("main > p").text())
                .contains("25 min of work for one pair of hands; the room has 45 min");
    }

    @Test
    void whatStandsOutAlreadyIsNotPreparedAgain() {
        LocalDate monday = OCTOBER.plusWeeks(1);
        at("2026-10-14T13:00:00Z");
        plan(monday.plusDays(2), 0, "Tray table", "Stamp dough");
        plan(monday.plusDays(3), 0, "Tray table", "Stamp dough");

        assertThat(get("tobias", list("preparation")).page().select(".tick-line"))
                .isEmpty();
    }

    @Test
    void whatShouldHaveBegunIsTold() {
        LocalDate monday = OCTOBER.plusWeeks(2);
        at("2026-10-22T06:30:00Z");
        plan(monday.plusDays(3), 0, "Tray table", "Stamp dough");

        assertThat(line(get("tobias", list("preparation")).page(), "Cook the dough")
                        .text())
                .contains("should have begun Wed 21 Oct, 17:20");
    }

    @Test
    void walksAlongTheZonesAndTellsOnlyWhatChanges() {
        LocalDate monday = OCTOBER.plusWeeks(3);
        plan(monday, 0, "Writing", "Missing house number");
        plan(monday, 0, "Tray table", "Ice parcels that melt");
        plan(monday.plusDays(1), 0, "Writing", "Missing house number");
        plan(monday.plusDays(1), 0, "Tray table", "Stamp dough");
        plan(monday.plusDays(1), 1, "Writing", "Stamp sheet puzzle");

        Document page = open("set-out", monday.plusDays(1));

        assertThat(page.select("main section h2").eachText()).containsExactly("09:00 Free play", "13:30 Free play");
        assertThat(page.select("main section").get(0).select(".hint").first().text())
                .isEqualTo("Stays as it stands: Missing house number (Writing).");
        assertThat(line(page, "Put out Stamp dough").text()).contains("Tray table", "instead of Ice parcels that melt");
        assertThat(line(page, "Put out Stamp sheet puzzle").text()).contains("instead of Missing house number");
        assertThat(line(page, "Put away Stamp dough").text()).contains("Tray table");
    }

    @Test
    void whatIsTooHeavyIsFilledWhereItStandsAndStaysThere() {
        LocalDate monday = OCTOBER.plusWeeks(4);
        UUID heavy = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/cards",
                "id",
                heavy.toString(),
                "title",
                "Depot of rice",
                "areas",
                "eyfs-uw",
                "shape",
                "BOX",
                "first",
                "60",
                "second",
                "60",
                "depth",
                "30",
                "material",
                "Rice, white long-grain",
                "amount",
                "20");
        plan(monday, 0, "Weighing desk", heavy);

        Element line = line(open("set-out", monday), "Put out Depot of rice");

        assertThat(line.select(".tag").text()).isEqualTo("stays there");
        assertThat(line.text()).contains("56.30 kg full: fill it where it is to stand, and leave it there");
    }

    @Test
    void aClosedDayAndAnEmptyOneSaySo() {
        assertThat(open("set-out", LocalDate.of(2026, 5, 15)).select("main").text())
                .contains("Friday 15 May is closed.");
        assertThat(open("set-out", LocalDate.of(2027, 3, 1)).select("main").text())
                .contains("Nothing is planned for Monday 1 March yet");
    }

    /** 60 × 40 cm, 4 cm deep, 10 % spilled, for five sessions: four sessions are one fill of 8.26 kg, six are two. */
    @Test
    void sumsTheWeekUpAndBuysWholePacks() {
        LocalDate monday = OCTOBER.plusWeeks(5);
        for (int day = 0; day < 2; day++) {
            plan(monday.plusDays(day), 0, "Weighing desk", "Rice by the kilo");
            plan(monday.plusDays(day), 1, "Weighing desk", "Rice by the kilo");
        }
        assertThat(line(open("shopping", monday), "Rice, white long-grain").text())
                .contains("8.26 kg needed", "by Mon 9 Nov, 09:00 for Rice by the kilo");

        plan(monday.plusDays(2), 0, "Weighing desk", "Rice by the kilo");
        plan(monday.plusDays(2), 1, "Weighing desk", "Rice by the kilo");

        Document page = open("shopping", monday.plusDays(3));
        assertThat(line(page, "Rice, white long-grain").text())
                .contains("16.51 kg needed")
                .containsPattern("\\d+ × 1.00 kg");
        assertThat(page.select("main > p").text()).contains("Week of 9 Nov", "to buy, £");
    }

    @Test
    void keepsTicksWithWhoSetThemAndTakesThemAwayAgain() {
        LocalDate monday = OCTOBER.plusWeeks(6);
        plan(monday, 0, "Weighing desk", "Rice by the kilo");
        String item = monday + "/rice-long";
        String ticks = list("shopping") + "/ticks";

        Answer ticked = send(
                "hamish",
                MockMvcRequestBuilders.post(ticks)
                        .with(csrf())
                        .header("HX-Request-Type", "partial")
                        .param("of", monday.toString())
                        .param("item", item)
                        .param("done", "on"));
        post("tobias", ticks, "of", monday.toString(), "item", item, "done", "on");

        assertThat(ticked.page().select("li.ticked").text()).contains("done by Hamish Vale");
        assertThat(line(open("shopping", monday), "Rice, white long-grain").text())
                .as("the first one stays")
                .contains("done by Hamish Vale");
        assertThat(post("tobias", ticks, "of", monday.toString(), "item", item).location())
                .isEqualTo(list("shopping") + "?of=" + monday);
        assertThat(line(open("shopping", monday), "Rice, white long-grain").hasClass("ticked"))
                .isFalse();
    }

    @Test
    void ticksNothingThatIsNotOnTheList() {
        assertThat(post(
                                "tobias",
                                list("shopping") + "/ticks",
                                "of",
                                "2026-10-05",
                                "item",
                                "2026-10-05/gold",
                                "done",
                                "on")
                        .status())
                .isEqualTo(404);
        assertThat(get("tobias", list("gossip")).status()).isEqualTo(404);
    }

    @Test
    void printsAndWritesATable() {
        LocalDate monday = OCTOBER.plusWeeks(7);
        plan(monday, 0, "Writing", "Missing house number");

        byte[] pdf = get("tobias", list("set-out") + "/list.pdf?of=" + monday)
                .response()
                .getContentAsByteArray();
        String table = get("tobias", list("set-out") + "/list.csv?of=" + monday).text();

        Pdfs.assertAccessible(pdf);
        assertThat(Pdfs.text(pdf)).contains("Set-out, Loft", "Put out Missing house number", "Writing");
        assertThat(table)
                .startsWith(
                        "part,what,amount or place,detail,done by\r\n09:00 Free play,Put out Missing house number,Writing,");
    }

    @Test
    void whatRunsOutFirstNamesCardsToThoseWhoWorkInTheirRoom() {
        Document page = get("tobias", "/materials/running-out").page();
        List<String> times = page.select(".running-out li strong").eachText();

        assertThat(times).isNotEmpty();
        assertThat(page.select(".running-out li").eachText())
                .anyMatch(line -> line.contains("short then. Loft: "))
                .noneMatch(line -> line.contains("Nook: "));
        assertThat(get("precious", "/materials/running-out")
                        .page()
                        .select(".running-out li")
                        .eachText())
                .hasSameSizeAs(times)
                .noneMatch(line -> line.contains("Loft: "));
        Answer part = send(
                "tobias", MockMvcRequestBuilders.get("/materials/running-out").header("HX-Request-Type", "partial"));
        assertThat(part.page().select("main")).isEmpty();
        assertThat(part.page().select(".running-out li")).hasSize(Math.min(4, times.size()));
        assertThat(get("tobias", "/materials").page().select("#running-out").attr("hx-get"))
                .isEqualTo("/materials/running-out");
    }
}
