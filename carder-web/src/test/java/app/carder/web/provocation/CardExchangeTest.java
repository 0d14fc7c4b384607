package app.carder.web.provocation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class CardExchangeTest extends WebTest {

    @Test
    void anotherSettingTakesOverACardWithItsLadderStepsAndReckonings() {
        String json = get("tobias", "/cards/" + card("Painted rice for mosaics") + "/card.json")
                .text();

        var preview = preview("teodor", "Pier", json).page();

        assertThat(preview.select(".previews").text())
                .contains("Painted rice for mosaics", "Saying and pretending", "Stop for: Small part");
        post(
                "teodor",
                "/rooms/" + room("Pier") + "/cards/import/cards",
                "json",
                preview.select("[name=json]").text());
        UUID taken =
                id("select id from provocation where title = 'Painted rice for mosaics' and room_id = ?", room("Pier"));
        var card = get("teodor", "/cards/" + taken).page();
        assertThat(card.select("#material-0").val()).isEqualTo("Rice, dyed and dried");
        assertThat(card.select("[name=areas][checked]").eachAttr("value")).allMatch(area -> area.startsWith("sme-"));
        assertThat(card.select(".card-tabs").text()).contains("Sets and mixes 1", "Ladder 1", "Preparation 4");
        assertThat(get("teodor", "/cards/" + taken + "/card.json").text())
                .contains("\"SIMPLER\"", "\"Glue and sprinkle\"");
    }

    @Test
    void tellsNothingOfStockAndPrices() {
        assertThat(get("tobias", "/rooms/" + room("Loft") + "/cards.json").text())
                .contains("\"carder-cards\"", "Rice, white long-grain", "density_g_per_ml")
                .doesNotContain("stock_g", "pack_price", "kept_in");
    }

    @Test
    void addsWhatTheCupboardLacksAndTakesWhatHasTheName() {
        String json = """
                {"format": "carder-cards", "version": 1, "framework": "sme",
                 "materials": [{"code": "rice-long", "name": "Spelt", "kind": "FILL", "density_g_per_ml": "0.75"},
                               {"code": "x", "name": "TOWEL", "kind": "TOOL"}],
                 "cards": [{"title": "Spelt post", "areas": ["sme-touch"], "vessel": {"shape": "BOX", "firstMm": 400, "secondMm": 300, "depthMm": 100},
                            "put": [{"material": "rice-long", "depthMm": 40}, {"material": "x", "pieces": 2}]}]}
                """;

        assertThat(preview("tobias", "Loft", json).page().select(".previews").text())
                .contains("New in the cupboard: Spelt");
        post("tobias", "/rooms/" + room("Loft") + "/cards/import/cards", "json", json);

        assertThat(get("tobias", "/cards/" + card("Spelt post"))
                        .page()
                        .select("[name=material]")
                        .eachAttr("value"))
                .startsWith("Spelt", "Towel");
        assertThat(database.queryForObject(
                        "select name from material where id = ?", String.class, material("rice-long")))
                .as("a code of another cupboard does not overwrite")
                .isEqualTo("Rice, white long-grain");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "no title | {'areas':['sme-touch']} | needs a title",
                "area unknown | {'title':'A','areas':['moon']} | None of its areas",
                "material unknown | {'title':'A','areas':['sme-touch'],'put':[{'material':'zz','pieces':1}]} | not described",
                "shape unknown | {'title':'A','areas':['sme-touch'],'vessel':{'shape':'CONE','depthMm':10}} | CONE",
                "too deep | {'title':'A','areas':['sme-touch'],'vessel':{'shape':'BOX','firstMm':100,'secondMm':100,'depthMm':10},'put':[{'material':'m','depthMm':40}]} | do not go into its vessel",
                "neither depth nor pieces | {'title':'A','areas':['sme-touch'],'put':[{'material':'m'}]} | a depth or a number",
                "use out of range | {'title':'A','areas':['sme-touch'],'use':{'vessels':0,'spillPercent':0,'children':1,'sessionsPerFill':1,'sessionsPerYear':1}} | Vessels must be"
            })
    void leavesOutACardThatIsWrongAndSaysWhy(String what, String card, String words) {
        String json =
                "{\"format\":\"carder-cards\",\"version\":1,\"materials\":[{\"code\":\"m\",\"name\":\"Millet\",\"kind\":\"FILL\","
                        + "\"density_g_per_ml\":\"0.8\"}],\"cards\":[" + card.replace('\'', '"') + "]}";

        assertThat(preview("tobias", "Loft", json)
                        .page()
                        .select(".previews .fault")
                        .text())
                .contains("Left out", words);
        post("tobias", "/rooms/" + room("Loft") + "/cards/import/cards", "json", json);
        assertThat(database.queryForObject("select count(*) from provocation where title = 'A'", Integer.class))
                .isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "not json | not a file of cards",
                "{\"format\":\"other\"} | carder-cards",
                "{\"format\":\"carder-cards\",\"version\":9} | Maybe update"
            })
    void refusesAFileOfAnotherFormat(String json, String words) {
        Answer answer = preview("tobias", "Loft", json);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.page().select("#fault-file").text()).contains(words);
    }

    private Answer preview(String username, String room, String json) {
        return send(
                username,
                MockMvcRequestBuilders.multipart("/rooms/" + room(room) + "/cards/import")
                        .file(new MockMultipartFile(
                                "file", "cards.json", "application/json", json.getBytes(StandardCharsets.UTF_8)))
                        .with(csrf()));
    }
}
