package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Photos;
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
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

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

    @Test
    void aPhotoOfHowItWasStandsBesideHowItWasPlannedWithoutWhereItWasTaken() {
        UUID id = card("Sorting office");
        String page = "/cards/" + id + "/picture";
        Answer added = photo("tobias", id, Photos.withPlace(640, 480, 6), "2026-01-05", "on");
        assertThat(added.location()).isEqualTo(page + "#as-it-was");

        Element shown = get("tobias", page).page().select("#as-it-was figure").first();
        assertThat(shown.text()).contains("Photo added by Tobias Renn");
        byte[] picture = bytes(get("tobias", shown.select("img").attr("src")));
        assertThat(new String(picture, StandardCharsets.ISO_8859_1)).doesNotContain(Photos.MAKER, "Exif");
        assertThat(get("tobias", "/cards/" + id + "/set-out").page().select("figcaption"))
                .extracting(Element::text)
                .contains("As planned")
                .anyMatch(words -> words.startsWith("As it was on"));

        String address = shown.select("img").attr("src");
        assertThat(get("sunniva", address).status()).isEqualTo(403);
        assertThat(get("teodor", address).status()).isEqualTo(404);

        Answer removed = post(
                "tobias",
                get("tobias", page)
                        .page()
                        .select("#as-it-was form[action$=remove]")
                        .attr("action"));
        var without = get("tobias", removed.location()).page();
        assertThat(without.select("#as-it-was figure")).isEmpty();
        assertThat(without.select("#just-done").text()).contains("removed a photo from Sorting office");
        post("tobias", without.select("#just-done form").attr("action"));
        assertThat(get("tobias", page).page().select("#as-it-was figure")).hasSize(1);
    }

    @Test
    void aPhotoIsTakenOnlyOfThingsAndOfADayThatWas() {
        UUID id = card("Sorting office");
        int before = get("tobias", "/cards/" + id + "/picture")
                .page()
                .select("#as-it-was figure")
                .size();

        assertThat(faults(photo("tobias", id, Photos.picture("jpg", 40, 30), "2026-01-05", "")))
                .containsExactly(
                        "Tick that no child is in the photo. A photo with a child belongs to an observation, where the family’s"
                                + " consent is looked at.");
        assertThat(faults(photo("tobias", id, Photos.picture("jpg", 40, 30), "2099-01-05", "on")))
                .containsExactly("It cannot have been set out on a day that is still to come.");
        assertThat(faults(photo("tobias", id, "no photo".getBytes(StandardCharsets.UTF_8), "2026-01-05", "on")))
                .containsExactly(
                        "This file is not a photo that Carder can read. JPEG and PNG work; your words are kept.");
        assertThat(faults(photo("tobias", id, new byte[0], "2026-01-05", "on")))
                .containsExactly("Choose a photo first.");
        assertThat(get("tobias", "/cards/" + id + "/picture").page().select("#as-it-was figure"))
                .hasSize(before);
    }

    private static List<String> faults(Answer answer) {
        assertThat(answer.status()).isEqualTo(422);
        return answer.page().select("#as-it-was .fault").eachText();
    }

    private Answer photo(String username, UUID cardId, byte[] file, String day, String onlyThings) {
        return send(
                username,
                MockMvcRequestBuilders.multipart(HttpMethod.POST, "/cards/" + cardId + "/photos")
                        .file(new MockMultipartFile("photo", "photo.jpg", "image/jpeg", file))
                        .param("id", UUID.randomUUID().toString())
                        .param("onDay", day)
                        .param("onlyThings", onlyThings)
                        .with(csrf().asHeader()));
    }

    private static byte[] bytes(Answer answer) {
        return answer.response().getContentAsByteArray();
    }
}
