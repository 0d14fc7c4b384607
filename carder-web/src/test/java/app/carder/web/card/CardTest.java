package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class CardTest extends WebTest {

    private static final String RICE = "Rice, white long-grain";

    @Test
    void calculatesAmountsDrawingAndSafetyForTheMargin() {
        var margin = bench(riceTray("amount", "4", "packs", "5")).page();

        assertThat(margin.select("html main")).isEmpty();
        String amounts = margin.select(".amount").text().replace('\u00a0', ' ');
        assertThat(amounts).contains("9.60 L", "7.51 kg", "8 packs, £15.60", "493 g");
        assertThat(amounts).contains("5 packs of Rice, white long-grain", "2.7 cm");
        assertThat(margin.select(".calculation").first().text())
                .contains("V = length × width × depth", "60.0 × 40.0 × 4.0 cm", "USDA SR Legacy 20044");
        assertThat(margin.select("svg polygon.fill")).hasSize(1);
        assertThat(margin.select(".finding").text()).contains("Loose grain and mouthing", "Yusuf", "mouths things");
        assertThat(margin.select(".finding summary").first().text())
                .as("what to do comes first")
                .startsWith("Not with these children");
        assertThat(margin.select(".concerned:contains(Yusuf) use").attr("href")).startsWith("#peg-");
    }

    @Test
    void givesTheWholePageWithoutAScript() {
        var page = post("tobias", "/rooms/" + room("Loft") + "/bench", card("title", "Half done", "shape", "BOX"))
                .page();

        assertThat(page.select("#title").val()).isEqualTo("Half done");
        assertThat(page.select("aside#bench")).hasSize(1);
    }

    @Test
    void savesACardOnceHoweverOftenSaveIsPressed() {
        UUID id = UUID.randomUUID();
        String[] card =
                card("id", id.toString(), "title", "Twice pressed \ud83d\udce6", "material", RICE, "amount", "2,5");

        post("tobias", "/rooms/" + room("Loft") + "/cards", card);
        Answer second = post("tobias", "/rooms/" + room("Loft") + "/cards", card);

        assertThat(second.location()).isEqualTo("/cards/" + id + "?saved");
        assertThat(database.queryForObject("select count(*) from card_material where card_id = ?", Integer.class, id))
                .isEqualTo(1);
        assertThat(get("tobias", "/cards/" + id).page().select("#amount-0").val())
                .isEqualTo("2.5");
    }

    @ParameterizedTest(name = "{0} = {1}: {3}")
    @CsvSource({
        "first, -60, first, more than 0",
        "first, 0, first, more than 0",
        "first, wide, first, is not a number",
        "first, '', first, A measurement is missing",
        "depth, 301, depth, at most 300 cm",
        "amount, 13, amount-0, the container is 12.0",
        "amount, -1, amount-0, more than 0",
        "title, '', title, no title"
    })
    void saysWhatIsWrongWithImpossibleMeasuresAndKeepsThem(String field, String value, String marked, String words) {
        List<String> fields = new ArrayList<>(List.of(
                card("id", UUID.randomUUID().toString(), "title", "Impossible", "material", RICE, "amount", "4")));
        int at = fields.indexOf(field);
        fields.set(at + 1, value);

        Answer answer = post("tobias", "/rooms/" + room("Loft") + "/cards", fields.toArray(String[]::new));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("[role=alert]").text().replace('\u00a0', ' '))
                .contains(words);
        assertThat(answer.page().select("#" + marked).attr("aria-invalid")).isEqualTo("true");
        assertThat(answer.page().select("#" + marked).val()).isEqualTo(value);
        assertThat(answer.page().select("#fault-" + marked).text()).isNotBlank();
    }

    @Test
    void showsHtmlInACardAsText() {
        UUID id = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/cards",
                card("id", id.toString(), "title", "<script>alert(1)</script>", "shape", "NONE"));

        Answer answer = get("tobias", "/cards/" + id);

        assertThat(answer.text()).doesNotContain("<script>alert(1)");
        assertThat(answer.page().select("h1").text()).isEqualTo("<script>alert(1)</script>");
    }

    @Test
    void keepsBothWhenTwoPeopleEditOneCard() {
        UUID id = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/cards",
                card("id", id.toString(), "title", "Together", "shape", "NONE"));
        String opened =
                get("hamish", "/cards/" + id).page().select("[name=version]").val();
        post("tobias", "/cards/" + id, card("version", opened, "title", "Tobias's title", "shape", "NONE"));

        Answer conflict =
                post("hamish", "/cards/" + id, card("version", opened, "title", "Hamish's title", "shape", "NONE"));

        assertThat(conflict.status()).isEqualTo(409);
        assertThat(conflict.page().select("[role=alert]").text()).contains("Tobias Renn", "Tobias's title");
        assertThat(conflict.page().select("#title").val()).isEqualTo("Hamish's title");
        post(
                "hamish",
                "/cards/" + id,
                card(
                        "version",
                        conflict.page().select("[name=version]").val(),
                        "title",
                        "Hamish's title",
                        "shape",
                        "NONE"));
        assertThat(database.queryForObject("select title from card where id = ?", String.class, id))
                .isEqualTo("Hamish's title");
        assertThat(get("hamish", "/cards/" + id + "/history")
                        .page()
                        .select(".earlier li")
                        .eachText())
                .as("what it said before, the latest first")
                .hasSize(2)
                .first(org.assertj.core.api.InstanceOfAssertFactories.STRING)
                .contains("Hamish Vale", "title", "Tobias's title");
    }

    @Test
    void dropsOutTheCardsWithTheNotchThatIsPressed() {
        String deck = "/rooms/" + room("Loft") + "/cards";

        var all = get("tobias", deck).page().select(".tiles > li");
        var withNotch = get("tobias", deck + "?notch=eyfs-l").page();

        assertThat(withNotch.select(".tiles > li").size()).isPositive().isLessThan(all.size());
        assertThat(withNotch.select(".tiles .edge li:nth-child(4)")).allMatch(area -> area.hasClass("notch"));
        assertThat(withNotch.select(".area-pin[aria-current]").text()).isEqualTo("4 Literacy");
    }

    @Test
    void fillsOnlyTheSpaceBetweenAndSaysWhenTheInnerVesselIsTooLarge() {
        String[] space = {
            "first",
            "60",
            "second",
            "40",
            "depth",
            "12",
            "innerShape",
            "BOX",
            "innerFirst",
            "20",
            "innerSecond",
            "10",
            "innerDepth",
            "10",
            "material",
            "rice, white long-grain",
            "amount",
            "4"
        };

        var margin = bench(space).page();

        assertThat(margin.select(".amount").text().replace('\u00a0', ' ')).contains("8.80 L");
        assertThat(margin.select("svg polygon.inner")).hasSize(2);
        space[9] = "70";
        assertThat(bench(space).page().select(".bench-faults").text()).contains("Anything inside must fit");
    }

    @Test
    void plansTheUseFromWhatIsInStock() {
        var margin = bench(riceTray(
                        "amount",
                        "4",
                        "vessels",
                        "2",
                        "spill",
                        "10",
                        "children",
                        "12",
                        "sessions",
                        "5",
                        "sessionsYear",
                        "38"))
                .page();

        String use = margin.select(".use").text().replace('\u00a0', ' ');
        assertThat(use).contains("16.51 kg", "5.50 kg in stock, buy 12 packs", "To buy now £23.40", "Per year £259.35");
        assertThat(use).contains("160.0 cm × 140.0 cm", "7 min");
    }

    @Test
    void takesAVesselFromTheCupboardAndTellsAmountsInCups() {
        var margin = bench("vesselFrom", "Jug, 1 litre", "material", "Water", "amount", "10", "units", "HOUSEHOLD")
                .page();

        assertThat(margin.select(".amount").text()).contains("cups");
        assertThat(bench("vesselFrom", "No such jug")
                        .page()
                        .select(".bench-faults")
                        .text())
                .contains("no container called");
    }

    @Test
    void adviceFollowsTheStyleAndSafetySpeaksInEveryStyle() {
        String[] rice = riceTray("amount", "2");
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/framework",
                "framework",
                "eyfs",
                "style",
                "PREPARED_ENVIRONMENT",
                "language",
                "english");

        var prepared = bench(rice).page();

        post(
                "tobias",
                "/rooms/" + room("Loft") + "/framework",
                "framework",
                "eyfs",
                "style",
                "FREE_FLOW",
                "language",
                "english");
        var freeFlow = bench(rice).page();
        assertThat(prepared.select(".notes").text()).contains("about four years");
        assertThat(freeFlow.select(".notes").text()).doesNotContain("about four years");
        assertThat(prepared.select(".findings").text())
                .isEqualTo(freeFlow.select(".findings").text());
    }

    @Test
    void looksAtFeaturesAndWordsOfTheCard() {
        var margin = bench("shape", "NONE", "title", "Sort the clothes by gender", "features", "SURPRISE_TASTE")
                .page();

        assertThat(margin.select(".finding").text())
                .contains("Never", "A surprise to taste, with an allergy: the card", "Kofi", "Sorting people");
    }

    @Test
    void checksWhatIsInTheKitThatAChildFetches() {
        String kit =
                id("select k.id from kit k join room r on r.setting_id = k.setting_id where k.name = 'Wrapping kit' and"
                                + " r.name = 'Loft'")
                        .toString();

        var margin = bench("shape", "NONE", "kit", kit).page();

        assertThat(margin.text()).contains("Wrapping kit", "2 Child scissors");
        assertThat(margin.select(".finding").text())
                .contains("Scissors: Child scissors, rounded", "Cord: Parcel string");
    }

    @Test
    void saysHowLongKeepsWhatIsPrepared() {
        assertThat(bench(
                                "first",
                                "40",
                                "second",
                                "30",
                                "depth",
                                "10",
                                "material",
                                "Rice, dyed and dried",
                                "amount",
                                "2")
                        .text())
                .contains("can be used for 180 days.");
    }

    @Test
    void saysWhichNameTheCupboardDoesNotHave() {
        assertThat(bench("shape", "NONE", "material", "Moon dust", "amount", "3")
                        .page()
                        .select(".bench-faults")
                        .text())
                .contains("nothing called \u201cMoon dust\u201d");
    }

    @Test
    void beginsWithAReadyCardSaidInTheRoomsFrameworkAndCupboard() {
        var page = get("tobias", "/rooms/" + room("Loft") + "/cards/new?ready=pe-pour")
                .page();

        assertThat(page.select("#title").val()).isEqualTo("Pouring, jug to jug");
        assertThat(page.select("#first").val()).isEqualTo("6.5");
        assertThat(page.select("#material-0").val()).isEqualTo("Maize, whole dry");
        assertThat(page.select("[name=areas][checked]")).isNotEmpty();
        assertThat(page.select(".margin .amount").text()).contains("Maize");
    }

    @Test
    void keepsEverythingThatTheCardSays() {
        UUID id = UUID.randomUUID();
        post(
                "tobias",
                "/rooms/" + room("Loft") + "/cards",
                card(
                        "id",
                        id.toString(),
                        "title",
                        "Everything",
                        "shape",
                        "STATED_VOLUME",
                        "holds",
                        "700",
                        "depth",
                        "20",
                        "material",
                        "Water",
                        "amount",
                        "5",
                        "words",
                        "drip",
                        "place",
                        "Garden",
                        "features",
                        "OUTDOORS",
                        "units",
                        "HOUSEHOLD",
                        "vessels",
                        "3",
                        "spill",
                        "5",
                        "children",
                        "9",
                        "sessions",
                        "2",
                        "sessionsYear",
                        "20",
                        "weekOf",
                        "2026-05-07"));

        var page = get("tobias", "/cards/" + id).page();

        assertThat(page.select("#holds").val()).isEqualTo("700");
        assertThat(page.select("#words").text()).isEqualTo("drip");
        assertThat(page.select("#place").val()).isEqualTo("Garden");
        assertThat(page.select("[name=features][checked]").val()).isEqualTo("OUTDOORS");
        assertThat(page.select("[name=units][checked]").val()).isEqualTo("HOUSEHOLD");
        assertThat(page.select("#vessels, #spill, #children, #sessions, #sessionsYear")
                        .eachAttr("value"))
                .containsExactly("3", "9", "5", "2", "20");
        assertThat(page.select("#weekOf").val()).as("the Monday of that week").isEqualTo("2026-05-04");
    }

    @Test
    void groupsTheDeckByWeekRoomAndAreaAndNamesTheGaps() {
        String deck = "/rooms/" + room("Loft") + "/cards?by=";

        var byWeek = get("tobias", deck + "week").page();
        var byRoom = get("tobias", deck + "room").page();
        var byArea = get("tobias", deck + "area&notch=TASTE").page();

        assertThat(byWeek.select(".deck-group h2").first().text()).startsWith("Week of 4 May");
        assertThat(byWeek.select(".gaps").text()).contains("No card for").contains("No card for these senses");
        assertThat(byRoom.select(".deck-group h2").text()).contains("Burrow", "Nook", "Loft");
        assertThat(byArea.select(".deck-group")).hasSize(7);
        assertThat(byArea.select(".tiles > li").text())
                .contains("Post juice bar")
                .doesNotContain("Sorting office");
    }

    @Test
    void plansACardForTheWeekOfADay() {
        UUID card = card("Sorting office");

        post("tobias", "/cards/" + card + "/week", "weekOf", "2026-06-11");

        assertThat(database.queryForObject("select week_of from card where id = ?", java.time.LocalDate.class, card))
                .isEqualTo("2026-06-08");
        assertThat(post("tobias", "/cards/" + card + "/week", "weekOf", "soon").location())
                .contains("wrongDay");
    }

    private Answer bench(String... fields) {
        var request = MockMvcRequestBuilders.post("/rooms/" + room("Loft") + "/bench")
                .header("HX-Request-Type", "partial")
                .param("shape", "BOX")
                .with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return send("tobias", request);
    }

    private static String[] riceTray(String... more) {
        return Stream.concat(
                        Stream.of("first", "60", "second", "40", "depth", "12", "material", RICE), Arrays.stream(more))
                .toArray(String[]::new);
    }

    private static String[] card(String... fields) {
        List<String> all = new ArrayList<>(List.of(fields));
        List<String> usual = List.of(
                "shape", "BOX", "first", "60", "second", "40", "depth", "12", "areas", "eyfs-m", "intention", "");
        for (int i = 0; i < usual.size(); i += 2) {
            if (!all.contains(usual.get(i))) {
                all.addAll(usual.subList(i, i + 2));
            }
        }
        return all.toArray(String[]::new);
    }
}
