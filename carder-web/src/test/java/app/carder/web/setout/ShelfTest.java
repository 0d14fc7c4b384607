package app.carder.web.setout;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.time.Duration;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class ShelfTest extends WebTest {

    private static int weeks = 60;

    /** Each test has a day of its own, on which nothing is out yet. */
    @BeforeEach
    void onAnotherDay() {
        clock.advance(Duration.ofDays(7L * weeks++));
    }

    private Answer drop(String title, String zone, int place) {
        return post(
                "tobias",
                "/rooms/" + room("Loft") + "/set-outs",
                "card",
                card(title).toString(),
                "at",
                zone(zone) + "_" + place);
    }

    private Document open() {
        return get("tobias", "/rooms/" + room("Loft") + "/set-out").page();
    }

    private static Element shelf(Document page, String zone) {
        return page.select("section[aria-label=" + zone + "]").first();
    }

    private static String at(Document page, String zone, int place) {
        return shelf(page, zone)
                .select(".cell-place")
                .get(place)
                .select(".board-card > a")
                .text();
    }

    private UUID zone(String name) {
        return id("select id from zone where room_id = ? and name = ?", room("Loft"), name);
    }

    private String out(Document page, String title) {
        return page.select("[data-block]").stream()
                .filter(block -> block.select("> a").text().equals(title))
                .findFirst()
                .orElseThrow()
                .attr("data-block");
    }

    @Test
    void aShelfShowsItsPlacesAndWhichAreFree() {
        drop("Sorting office", "Weighing desk", 2);

        Document page = open();

        assertThat(at(page, "Weighing desk", 2)).isEqualTo("Sorting office");
        assertThat(shelf(page, "Weighing desk").select(".shelf-head .hint").text())
                .isEqualTo("4 of 5 places free, easy on the left");
        assertThat(shelf(page, "Weighing desk").select(".cell-name").eachText())
                .containsExactly("Place 1, free", "Place 2, free", "Place 3", "Place 4, free", "Place 5, free");
    }

    @Test
    void aTakenPlaceIsNotTakenTwiceAndTheOrderFindsAnother() {
        drop("Sorting office", "Weighing desk", 1);
        drop("Missing house number", "Weighing desk", 1);

        Document page = open();

        assertThat(at(page, "Weighing desk", 1)).isEqualTo("Sorting office");
        assertThat(at(page, "Weighing desk", 2)).as("harder, so on its right").isEqualTo("Missing house number");
    }

    @Test
    void asksForTheAdultOrTheReasonWhereSafetyWantsOne() {
        Answer answer = drop("String, knots and labels", "Weighing desk", 0);

        assertThat(answer.location())
                .isEqualTo("/cards/%s/set-out?zone=%s&place=0"
                        .formatted(card("String, knots and labels"), zone("Weighing desk")));
        Document form = get("tobias", answer.location()).page();
        assertThat(form.select("#zone option[selected]").text()).isEqualTo("Weighing desk");
        assertThat(form.select("[name=place]").val()).isEqualTo("0");
        assertThat(open().select("[data-block]")).isEmpty();
    }

    @Test
    void changesPlacesWithWhatStandsThere() {
        drop("Sorting office", "Weighing desk", 0);
        drop("Missing house number", "Weighing desk", 3);

        post("tobias", "/set-outs/" + out(open(), "Sorting office") + "/move", "at", zone("Weighing desk") + "_3");

        assertThat(at(open(), "Weighing desk", 3)).isEqualTo("Sorting office");
        assertThat(at(open(), "Weighing desk", 0)).isEqualTo("Missing house number");
    }

    @Test
    void namesWhatStandsOutOfOrderAndOrdersIt() {
        drop("Missing house number", "Weighing desk", 0);
        drop("Sorting office", "Weighing desk", 3);
        assertThat(shelf(open(), "Weighing desk").select(".short").text()).contains("Out of order, easy to hard: ");

        post("tobias", "/rooms/" + room("Loft") + "/zones/" + zone("Weighing desk") + "/order");

        Document page = open();
        assertThat(at(page, "Weighing desk", 0)).isEqualTo("Sorting office");
        assertThat(at(page, "Weighing desk", 3)).isEqualTo("Missing house number");
        assertThat(shelf(page, "Weighing desk").select(".short")).isEmpty();
    }

    @Test
    void everythingWorksWithLinksAndButtonsToo() {
        drop("Sorting office", "Writing", 0);
        String id = out(open(), "Sorting office");

        Document carrying =
                get("tobias", "/rooms/" + room("Loft") + "/set-out?carry=" + id).page();

        assertThat(carrying.select("form[action=/set-outs/" + id + "/move] button")
                        .eachText())
                .contains("Here: Tray table, place 1");
    }

    @Test
    void refusesAPlaceThatIsNone() {
        drop("Sorting office", "Writing", 0);
        String id = out(open(), "Sorting office");
        UUID foreign =
                id("select z.id from zone z join room r on r.id = z.room_id where r.name = 'Pier' order by z.id");

        assertThat(post("tobias", "/set-outs/" + id + "/move", "at", foreign + "_0")
                        .status())
                .isEqualTo(404);
        assertThat(post("tobias", "/set-outs/" + id + "/move", "at", zone("Writing") + "_12")
                        .status())
                .isEqualTo(404);
        assertThat(drop("Missing house number", "Writing", -1).status()).isEqualTo(404);
        assertThat(post("tobias", "/set-outs/" + id + "/move", "at", "shelf").status())
                .isEqualTo(404);
    }
}
