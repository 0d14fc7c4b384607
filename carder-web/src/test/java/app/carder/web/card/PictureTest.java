package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.zip.GZIPOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;

class PictureTest extends WebTest {

    private static final int LARGEST = 3 * 1024;

    @Test
    void everyCardOfTheDeckHasASmallPictureOfFewBytes() throws Exception {
        List<String> addresses = get("tobias", "/rooms/" + room("Loft") + "/cards")
                .page()
                .select(".tiles img")
                .eachAttr("src");

        assertThat(addresses).hasSizeGreaterThan(15).doesNotHaveDuplicates();
        for (String address : addresses) {
            Answer picture = get("tobias", address);
            assertThat(picture.response().getContentType()).as(address).startsWith("image/svg+xml");
            assertThat(picture.response().getHeader("Cache-Control"))
                    .as(address)
                    .contains("private", "immutable");
            assertThat(zipped(picture.text())).as(address).isLessThan(LARGEST);
            assertThat(Jsoup.parse(picture.text(), "", Parser.xmlParser())
                            .select("svg title")
                            .text())
                    .isNotBlank();
        }
    }

    private static int zipped(String body) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(body.getBytes(StandardCharsets.UTF_8));
        }
        return bytes.size();
    }

    @Test
    void aPictureThatWasReplacedIsKeptByNobody() {
        String address = "/cards/" + card("Rice by the kilo") + "/pictures/0.svg";

        assertThat(get("tobias", address).response().getHeader("Cache-Control")).contains("no-store");
    }

    @Test
    void thePageSaysInWordsWhatThePictureShows() {
        var page = get("precious", "/cards/" + card("Letters in oats") + "/picture")
                .page();

        assertThat(page.select("[data-piece]")).hasSize(8);
        assertThat(page.select("#set-up-words").text())
                .contains("Rolled oats, 4.0 cm deep")
                .contains("Scattered: 8 × Felt letters.");
    }

    @Test
    void whatIsMovedStaysThereAndCanBeTakenBack() {
        UUID id = card("Sorting office");
        String page = "/cards/" + id + "/picture";
        String before = get("tobias", page).page().select("[data-piece=0-1]").attr("transform");

        Answer moved = post("tobias", "/cards/" + id + "/places", "piece", "0-1", "do", "drop", "x", "0", "y", "900");

        assertThat(moved.location()).isEqualTo(page + "?chosen=0-1");
        var after = get("tobias", moved.location()).page();
        assertThat(after.select("[data-piece=0-1]").attr("transform")).isNotEqualTo(before);
        assertThat(after.select("[name=piece][checked]").eachAttr("value")).containsExactly("0-1");
        assertThat(after.select("#just-done").text()).contains("changed how Sorting office is laid out");
        post("tobias", after.select("#just-done form").attr("action"));
        assertThat(get("tobias", page).page().select("[data-piece=0-1]").attr("transform"))
                .isEqualTo(before);
    }

    @Test
    void nothingIsPutOnSomethingElseOrOverAnEdge() {
        UUID id = card("Rice by the kilo");
        String page = "/cards/" + id + "/picture";
        String before = get("tobias", page).page().select("[data-set-up]").html();

        Element picture = get("tobias", page).page();
        double wall =
                numbers(picture.select("[data-set-up] svg > g > path").first().attr("d"))[0];
        double x = numbers(picture.select("[data-piece=1-1]").attr("transform"))[0];
        Answer over = post(
                "tobias",
                "/cards/" + id + "/places",
                "piece",
                "1-1",
                "do",
                "drop",
                "x",
                String.format(Locale.ROOT, "%.1f", wall - x),
                "y",
                "0");

        assertThat(over.location()).isEqualTo(page + "?chosen=1-1&noRoom=true");
        var refused = get("tobias", over.location()).page();
        assertThat(refused.select("[role=alert]").text()).contains("There is no room there");
        assertThat(get("tobias", page).page().select("[data-set-up]").html()).isEqualTo(before);
    }

    private static double[] numbers(String written) {
        return Arrays.stream(written.split("[^0-9.-]+"))
                .filter(number -> !number.isEmpty())
                .mapToDouble(Double::parseDouble)
                .toArray();
    }

    @Test
    void groupsAreMovedTogetherAndPutBackOneByOne() {
        UUID id = card("Scented letters");
        post("tobias", "/cards/" + id + "/places", "piece", "0-1", "piece", "0-2", "do", "group");
        var grouped = get("tobias", "/cards/" + id + "/picture").page();
        String second = grouped.select("[data-piece=0-2]").attr("transform");
        assertThat(grouped.select("[data-piece=0-1]").attr("data-group"))
                .isEqualTo(grouped.select("[data-piece=0-2]").attr("data-group"))
                .isNotEqualTo("0");

        post("tobias", "/cards/" + id + "/places", "piece", "0-1", "do", "drop", "x", "0", "y", "-800");

        var moved = get("tobias", "/cards/" + id + "/picture").page();
        assertThat(moved.select("[data-piece=0-2]").attr("transform")).isNotEqualTo(second);
        post("tobias", "/cards/" + id + "/places", "piece", "0-1", "piece", "0-2", "do", "back");
        assertThat(get("tobias", "/cards/" + id + "/picture").page().select("[data-group=1]"))
                .isEmpty();
    }

    @Test
    void anotherArrangementIsKeptAndToolsChangeSides() {
        UUID id = card("Lentils to the line");

        post("tobias", "/cards/" + id + "/arrangement", "arrangement", "RING", "hand", "LEFT");

        var page = get("tobias", "/cards/" + id + "/picture").page();
        assertThat(page.select("[name=arrangement][checked]").val()).isEqualTo("RING");
        assertThat(page.select("[name=hand][checked]").val()).isEqualTo("LEFT");
        assertThat(page.select("#set-up-words").text()).contains("To the left: 2 × Wooden scoops.");
        assertThat(get("tobias", "/cards/" + id + "/card.json").text()).contains("\"arrangement\" : \"RING\"");
        post("tobias", "/cards/" + id + "/arrangement", "arrangement", "", "hand", "RIGHT");
        assertThat(get("tobias", "/cards/" + id + "/card.json").text()).doesNotContain("\"layout\"");
    }

    @Test
    void whatDoesNotFitStandsOnThePageWithTheContainerThatTakesIt() {
        var page =
                get("precious", "/cards/" + card("Pasta parcels") + "/picture").page();

        assertThat(page.select("#set-up-words").text()).contains("10 × Paper bags do not fit: there is room for");
    }

    @Test
    void nobodySeesThePictureOfAnotherSettingsCard() {
        assertThat(get("teodor", "/cards/" + card("Sorting office") + "/picture")
                        .status())
                .isEqualTo(404);
        assertThat(get("teodor", "/cards/" + card("Sorting office") + "/pictures/0.svg")
                        .status())
                .isEqualTo(404);
    }
}
