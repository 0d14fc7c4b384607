package app.carder.web.results;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demo's records, worked out by hand from their taps. */
class ResultsTest extends WebTest {

    @Autowired
    private JsonMapper json;

    @Test
    void tellsAChildsPlayInFigures() {
        Document page = get("tobias", "/children/" + child("Anouk") + "/play").page();

        assertThat(page.select(".play-figures").first().text())
                .contains(
                        "Longest time without interruption 13 min 02 s",
                        "Play in total 78 min 50 s",
                        "Started without being asked 8 of 9",
                        "Repeated 18",
                        "Interruptions by adults 3",
                        "By children 2",
                        "Went back to it after 5, mostly within 30 s");
        assertThat(page.select(".reflect").text()).contains("Adults interrupted 2.3 times per hour");
        assertThat(page.select(".trend").text())
                .startsWith("Stretches of play have become longer over 9 days of watching between ");
        assertThat(page.select(".bands svg.band")).hasSize(9);
        assertThat(page.select(".bands svg.band").first().attr("aria-label"))
                .isEqualTo(
                        "Longest 13 min 02 s, 15 min 12 s in all. Interruptions by adults 1, by children 0; came back after 1,"
                                + " mostly within 30 s. Repeated 4.");
    }

    @Test
    void tellsLooksPathsCountsAndWords() {
        Document page = get("tobias", "/children/" + child("Anouk") + "/play").page();
        String text = page.text();

        assertThat(page.select("figure svg:has(title:contains(Plan of Loft)) circle"))
                .as("a disc for each place where it was, a ring for each where it was not")
                .hasSizeGreaterThan(3);
        assertThat(
                        page.select(
                                "figure svg:has(title:contains(time samples)) rect, figure svg:has(title:contains(time samples)) polygon"))
                .isNotEmpty();
        assertThat(page.select("li:contains(knot that holds: 1 of 2) circle")).hasSize(2);
        assertThat(text)
                .contains("Handling, making: 50 % of 12 time samples; could be 25 % to 75 %")
                .contains(
                        "Weighing desk: 60 %, 3 visits",
                        "Post office: 20 %, 1 visit", "Tray table to Weighing desk: 1 time")
                .contains("Not visited while observed: Writing, Garden.")
                .contains("stamps matched to letters: 6 of 6", "knot that holds: 1 of 2, 1 alone")
                .contains("Is tomorrow heavy?", "2 noted, 8 different words, questions: 1");
    }

    @Test
    void tellsWherePlayHappenedByTheZoneTheCardStoodInThen() {
        Document page = get("tobias", "/children/" + child("Anouk") + "/play").page();

        assertThat(page.select("section:has(h3:contains(Where play happened)) li")
                        .eachText())
                .as("the rice was set out before each watching, the others were not")
                .containsExactly(
                        "Rice by the kilo, Weighing desk: 51 min 50 s, 6 episodes",
                        "String, knots and labels: 16 min 55 s, 2 episodes",
                        "Ice parcels that melt: 10 min 05 s, 1 episode");
    }

    @Test
    void isSilentAboutATrendWithTooFewDays() {
        Document page = get("tobias", "/children/" + child("Idris") + "/play").page();

        assertThat(page.select(".trend")).isEmpty();
        assertThat(page.text())
                .contains("A trend is given once there are six days of play")
                .doesNotContain("for each hour");
        assertThat(get("tobias", "/children/" + child("Florian") + "/play").text())
                .contains("Nobody has recorded");
    }

    @Test
    void tellsHowACardWasTakenUpAndProposes() {
        Document page =
                get("tobias", "/cards/" + card("Rice by the kilo") + "/play").page();

        assertThat(page.select(".play-figures").text())
                .contains(
                        "Out and observed 6",
                        "First child came after 1 min 16 s",
                        "Play per minute of preparation 2.0",
                        "Children 4",
                        "Episodes 11",
                        "Typical longest stretch 4 min 50 s",
                        "Interruptions by adults, per hour of play 2.5",
                        "Finished 7");
        assertThat(page.select(".proposal-card").text()).contains("Keep", "You decide");
        assertThat(get("tobias", "/cards/" + card("The post shop") + "/play").text())
                .contains("Watch it first", "Nobody has recorded play with this card");
    }

    @Test
    void handsOutTheLogAndTheEpisodesOfTheOwnSettingOnly() {
        String room = "/rooms/" + room("Loft");

        assertThat(get("tobias", room + "/watched.csv?since=2026-04-01").text())
                .startsWith("id,record,happened_at,device_at,")
                .contains(",PLAY,TAP,Anouk,Rice by the kilo,,CHOSE,", "Is tomorrow heavy?");
        assertThat(get("tobias", room + "/episodes.csv?since=2026-04-01").text())
                .contains("Anouk,Rice by the kilo,Hamish Vale,CHOSEN,", ",FINISHED,912,782,2,1,0,30,4,0");
        JsonNode file = json.readTree(get("tobias", room + "/watched.json").text());
        assertThat(file.path("format").asString()).isEqualTo("carder-watched");
        assertThat(file.path("events").size()).isGreaterThan(90);
        assertThat(file.path("episodes").get(0).path("began").asString()).isNotBlank();
        assertThat(get("tobias", room + "/watched.csv").text())
                .as("four weeks where no day is given")
                .contains(",CHOSE,")
                .doesNotContain("2026-04-07T");
        assertThat(get("tobias", room + "/watched.csv?since=soon").status()).isEqualTo(404);
        assertThat(get("tobias", room + "/watched.csv?since=+999999999-01-01").status())
                .isEqualTo(404);
        assertThat(get("teodor", room + "/watched.json").status()).isEqualTo(404);
        assertThat(get("anouk.grandfather", room + "/watched.json").status()).isEqualTo(403);
    }
}
